import { patchBy } from '$lib/drawing/patch';
import { type LinkedColour } from '$lib/model/linked';
import { type Places, type Settable } from '../kind';
import { type MixPlace, type NamedPatch } from './exercise';
import { mixExercises } from './exercises';
import { setExercise, setMixParent } from './mixes-edits';
import { parentName } from './parents';
import { type MixesPlate } from './schema';

type Linked = readonly LinkedColour[];

/** What can be held of a plate of mixes: a parent, a mix, the middle found by eye, a crossing. */
export type MixesPlace = Pick<MixPlace, 'what' | 'key'>;

export const parentPlace = (index: number): MixesPlace => ({ what: 'parent', key: String(index) });

/** All that can be held on a plate, each with its box. */
export const placesOn = (plate: MixesPlate): readonly MixPlace[] =>
	mixExercises.of(plate).places(plate, plate.exercise);

/** A place as it is seen, with what it is called aloud; null for what is not there. */
export function seenAt(plate: MixesPlate, place: MixesPlace, linked: Linked): NamedPatch | null {
	if (place.what !== 'parent') return mixExercises.of(plate).seen(mixExercises.atWork(plate, linked), place);
	const index = Number(place.key);
	const parent = plate.parents[index];
	return parent
		? { ...patchBy(parent.colour, linked), name: `Parent ${index + 1}, ${parentName(plate, index, linked)}` }
		: null;
}

/** The parent, or the place of the exercise, with how it is set. */
function settable(plate: MixesPlate, place: MixesPlace, linked: Linked): Settable | null {
	const exercise = mixExercises.of(plate);
	if (place.what !== 'parent') {
		const at = mixExercises.atWork(plate, linked);
		return exercise.settable?.(at, place, (change) => setExercise(plate.id, exercise, change)) ?? null;
	}
	const index = Number(place.key);
	const parent = plate.parents[index];
	if (!parent) return null;
	const note = `parent ${index + 1} of ${plate.parents.length}`;
	return { source: parent.colour, note, put: (source) => setMixParent(plate.id, index, source) };
}

/** Parents stay to be set in every exercise. */
function has(plate: MixesPlate, { what, key }: MixesPlace): boolean {
	if (what === 'parent') return Number(key) < plate.parents.length;
	return placesOn(plate).some((place) => place.what === what && place.key === key);
}

export const mixesPlaces: Places<MixesPlate, MixesPlace> = {
	first: (plate) => {
		const [first] = placesOn(plate);
		return first ? { what: first.what, key: first.key } : null;
	},
	has,
	settable,
	// A mix follows from its parents.
	following: (plate, place, linked) => {
		const mix = place.what === 'mix' ? seenAt(plate, place, linked) : null;
		if (!mix) return null;
		return {
			name: mix.name,
			note: 'follows from its parents',
			text: mix.hex,
			follows: 'It follows from its parents and their parts. Turn those, or go on from this colour:',
			parents: plate.parents.slice(0, 2).map((_, i) => ({ name: parentName(plate, i, linked), place: parentPlace(i) }))
		};
	}
};
