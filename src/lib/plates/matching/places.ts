import { type LinkedColour } from '$lib/model/linked';
import { type Following, type Places, type Settable } from '../kind';
import { judgedNow } from './by-eye';
import { type MatchingPlace } from './exercise';
import { matchingExercises } from './exercises';
import {
	matchOf,
	setOwn,
	setPaint,
	setRegion,
	setStaged,
	stagedOf,
	subjectOf,
	type AnyMatched
} from './matching-edits';
import { setNow, UNSET } from './match-state';
import { paintNames } from './paint-names';
import { type MatchingPlate } from './schema';

type Linked = readonly LinkedColour[];

export const placesOn = (plate: MatchingPlate, linked: Linked) =>
	matchingExercises.of(plate).places(matchingExercises.atWork(plate, linked));

/** Paints are chosen while the subject is put together, where it is mixed of them: not while the eye works, for they may be linked. */
export const choosesPaints = ({ exercise }: MatchingPlate): boolean =>
	exercise.stage === 'arrange' && 'way' in exercise && exercise.way === 'paint';

function holdsOn(plate: MatchingPlate): readonly MatchingPlace[] {
	const own = matchingExercises.of(plate).holds(plate.exercise);
	if (!choosesPaints(plate)) return own;
	return [...own, ...plate.paints.map((_, i) => ({ what: 'paint' as const, key: String(i) }))];
}
const same = (one: MatchingPlace, other: MatchingPlace): boolean => one.what === other.what && one.key === other.key;

/** A subject at work, for code that does not know which it is. */
export const matchedAt = (plate: MatchingPlate, linked: Linked) => {
	const match = matchOf(plate);
	if (!match) return null;
	const at = matchingExercises.atWork(plate, linked);
	return { match, at: { ...at, settings: at.settings as AnyMatched } };
};

function settableRegion(plate: MatchingPlate, key: string, linked: Linked): Settable | null {
	const exercise = matchingExercises.of(plate);
	const own = exercise.settable?.(matchingExercises.atWork(plate, linked));
	if (own) return { ...own, put: (source) => setOwn(plate.id, own.put, source) };
	const found = matchedAt(plate, linked);
	if (!found) return null;
	const { match, at } = found;
	const { settings } = at;
	const index = Number(key);
	const region = match.regions(at)[index];
	if (!region || settings.stage !== 'eye' || settings.way !== 'eye') return null;
	const text = settings.texts[index] ?? null;
	return {
		source: { text: text ?? UNSET },
		name: region.name,
		note: text === null ? 'still grey' : 'your colour',
		put: (source) => setRegion(plate.id, index, source)
	};
}

function settableColour(plate: MatchingPlate, key: string): Settable | null {
	const colour = subjectOf(plate).colours.find((each) => each.key === key);
	if (!colour) return null;
	return {
		source: colour.of(stagedOf(plate)),
		name: colour.name,
		note: colour.note,
		put: (source) => setStaged(plate.id, (settings) => colour.put(settings, source))
	};
}

function settablePaint(plate: MatchingPlate, index: number, linked: Linked): Settable | null {
	const source = plate.paints[index];
	if (!source || !choosesPaints(plate)) return null;
	return {
		source,
		name: paintNames(plate, linked)[index]!,
		note: 'paint, to mix with',
		put: (next) => setPaint(plate.id, index, next)
	};
}

/** What came of a region, or what its paints come to. */
function followingRegion(plate: MatchingPlate, key: string, linked: Linked): Following<MatchingPlace> | null {
	const found = matchedAt(plate, linked);
	if (!found) return null;
	const { match, at } = found;
	const { settings, common } = at;
	const index = Number(key);
	const region = match.regions(at)[index];
	if (!region) return null;
	if (settings.stage === 'eye') {
		const mixed = setNow(common, settings, index, linked);
		return {
			name: region.name,
			note: mixed ? 'your mixture' : 'nothing is mixed yet',
			text: mixed?.hex ?? UNSET,
			follows: 'It follows the parts of its paints, beside the plate.',
			parents: []
		};
	}
	const judged = judgedNow(match, at).find((each) => each.index === index);
	if (!judged) return null;
	return {
		name: region.name,
		note: `yours, ${judged.score.difference.toFixed(1)} ΔE00 off`,
		text: judged.yours.hex,
		follows: 'Go on to set it anew.',
		parents: []
	};
}

export const matchingPlaces: Places<MatchingPlate, MatchingPlace> = {
	first: (plate, left) => {
		const places = holdsOn(plate);
		const found = places.find((place) => left && same(place, left)) ?? places[0];
		return found ? { what: found.what, key: found.key } : null;
	},
	has: (plate, place) => holdsOn(plate).some((each) => same(each, place)),
	settable: (plate, { what, key }, linked) => {
		if (what === 'paint') return settablePaint(plate, Number(key), linked);
		return what === 'subject' ? settableColour(plate, key) : settableRegion(plate, key, linked);
	},
	following: (plate, { what, key }, linked) => (what === 'region' ? followingRegion(plate, key, linked) : null)
};
