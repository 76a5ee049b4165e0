import { WAY_WORDS, WAYS, type Way } from '$lib/core/mix/ways';
import { type LinkedColour } from '$lib/model/linked';
import { type Places, type Settable } from '../kind';
import { parentName } from './mix-shapes';
import { setCrossing, setGuess, setMixParent } from './mixes-edits';
import { mixPlaces, type MixPlace } from './mixes-layout';
import { mixesOf } from './mixes-of';
import { type Patch } from '$lib/drawing/patch';
import { type MixesPlate } from './schema';

/** What can be held of a plate of mixes: a parent, a mix, the middle found by eye, a crossing. */
export type MixesPlace = Pick<MixPlace, 'what' | 'key'>;

export const parentPlace = (index: number): MixesPlace => ({ what: 'parent', key: String(index) });

/** The colour that is held on a plate of mixes where it can be set: a parent, the middle found by eye, a crossing. */
function settable(plate: MixesPlate, { what, key }: MixesPlace, linked: readonly LinkedColour[]): Settable | null {
	const index = Number(key);
	switch (what) {
		case 'parent': {
			const parent = plate.parents[index];
			if (!parent) return null;
			const note = `parent ${index + 1} of ${plate.parents.length}`;
			return { source: parent.colour, note, put: (source) => setMixParent(plate.id, index, source) };
		}
		case 'guess':
			return (
				plate.guess && {
					source: plate.guess,
					name: 'Found by eye',
					note: 'make it stand midway between both',
					put: (source) => setGuess(plate.id, source)
				}
			);
		case 'crossing': {
			const crossing = mixesOf(plate, linked).crossings()[index];
			if (!crossing) return null;
			return {
				source: plate.crossings[index] ?? { text: crossing.hex },
				name: 'Crossing',
				note: `of figures ${index + 1} and ${index + 2}, ${crossing.byHand ? 'set by hand' : 'follows the slider'}`,
				put: (source) => setCrossing(plate.id, index, source)
			};
		}
		case 'mix':
			return null;
	}
}

const isWay = (key: string): key is Way => WAYS.some((way) => way === key);

/** What a mix is called, and its colour. */
export function mixAt(
	plate: MixesPlate,
	key: string,
	linked: readonly LinkedColour[]
): (Patch & { name: string }) | null {
	const made = mixesOf(plate, linked);
	if (isWay(key)) return { ...made.ways()[key], name: WAY_WORDS[key].name };
	if (key === 'middle-leaned')
		return { ...made.middle(), name: plate.lean === 0 ? 'Middle mixture' : 'Leaning mixture' };
	if (key === 'halved') return { ...made.halving()[0]![1]!, name: 'First middle' };
	return key === 'mean' ? { ...made.mean(), name: 'Mean of light' } : null;
}

/** Parents stay to be set in every exercise. */
function has(plate: MixesPlate, { what, key }: MixesPlace): boolean {
	if (what === 'parent') return Number(key) < plate.parents.length;
	if (what === 'guess') return plate.guess !== null;
	return mixPlaces(plate).some((place) => place.what === what && place.key === key);
}

export const mixesPlaces: Places<MixesPlate, MixesPlace> = {
	first: (plate) => {
		const [first] = mixPlaces(plate);
		return first ? { what: first.what, key: first.key } : null;
	},
	has,
	settable,
	// A mix follows from its parents.
	following: (plate, { key }, linked) => {
		const mix = mixAt(plate, key, linked);
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
