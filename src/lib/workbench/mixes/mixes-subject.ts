import { WAY_WORDS, WAYS, type Way } from '$lib/core/mix/ways';
import { parentName } from '$lib/drawing/mixes/mix-shapes';
import { mixesOf, type Patch } from '$lib/drawing/mixes/mixes-of';
import { type MixesPlate } from '$lib/model/mixes-plate';
import { type LinkedColour } from '$lib/model/study';
import { setCrossing, setGuess, setMixParent } from '../study/mixes-edits';
import { type SettableSource, type Subject } from '../study/subject';
import { type Held, type Workbench } from '../study/workbench.svelte';

type Mixed = Extract<Held, { kind: 'mixed' }>;

/** The colour that is held on a plate of mixes where it can be set: a parent, the middle found by eye, a crossing. */
export function mixedHeld({ mixesPlate: plate, document }: Workbench, { what, key }: Mixed): SettableSource | null {
	if (!plate) return null;
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
			const crossing = mixesOf(plate, document.linked).crossings()[index];
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

/** A mix, which follows from its parents. */
export function aboutMix({ mixesPlate: plate, document }: Workbench, { key }: Mixed): Subject | null {
	const mix = plate && mixAt(plate, key, document.linked);
	if (!plate || !mix) return null;
	return {
		name: mix.name,
		note: 'follows from its parents',
		text: mix.hex,
		linked: null,
		follows: 'It follows from its parents and their parts. Turn those, or go on from this colour:',
		parents: plate.parents.slice(0, 2).map((_, i) => ({
			name: parentName(plate, i, document.linked),
			held: { kind: 'mixed', what: 'parent', key: String(i) }
		}))
	};
}
