import { type ColourSource } from '$lib/model/colour-text';
import { LEAST_MIXED, MOST_MIXED, MOST_PARTS, type MixesPlate } from './schema';
import { withPlateOf, type Edit } from '$lib/model/edit';

/** Decides something about a plate of mixes. */
export const decideMixes = (plateId: string, decisions: Partial<Omit<MixesPlate, 'id' | 'kind'>>): Edit =>
	withMixes(plateId, (plate) => ({ ...plate, ...decisions }));

const withMixes = (plateId: string, change: (plate: MixesPlate) => MixesPlate): Edit =>
	withPlateOf<MixesPlate>('mixes', plateId, change);

export const setMixParent = (plateId: string, index: number, colour: ColourSource): Edit =>
	withMixes(plateId, (plate) => ({
		...plate,
		parents: plate.parents.map((parent, i) => (i === index ? { ...parent, colour } : parent))
	}));

/** Sets the parts of some parents, from the first of them on; never so that nothing is left to mix. */
export const setParts = (plateId: string, from: number, parts: readonly number[]): Edit =>
	withMixes(plateId, (plate) => {
		const parents = plate.parents.map((parent, i) => {
			const part = parts[i - from];
			return part === undefined ? parent : { ...parent, parts: Math.min(MOST_PARTS, Math.max(0, part)) };
		});
		return parents.some((parent) => parent.parts > 0) ? { ...plate, parents } : plate;
	});

/** Adds a parent after all others, as one part. */
export const addMixParent = (plateId: string, colour: ColourSource): Edit =>
	withMixes(plateId, (plate) =>
		plate.parents.length >= MOST_MIXED ? plate : { ...plate, parents: [...plate.parents, { colour, parts: 1 }] }
	);

/** Takes a parent out; a crossing set by hand goes with the figures that it belonged to. */
export const removeMixParent = (plateId: string, index: number): Edit =>
	withMixes(plateId, (plate) => {
		const parents = plate.parents.filter((_, i) => i !== index);
		if (parents.length < LEAST_MIXED) return plate;
		const left = parents.some((parent) => parent.parts > 0);
		const crossings = plate.crossings.filter((_, i) => i !== Math.max(0, index - 1));
		return {
			...plate,
			parents: left ? parents : parents.map((parent) => ({ ...parent, parts: 1 })),
			crossings: [...crossings, null]
		};
	});

export const setGuess = (plateId: string, guess: ColourSource | null): Edit => decideMixes(plateId, { guess });

/** Sets a crossing by hand; null lets it follow the slider again. */
export const setCrossing = (plateId: string, index: number, source: ColourSource | null): Edit =>
	withMixes(plateId, (plate) => ({
		...plate,
		crossings: plate.crossings.map((crossing, i) => (i === index ? source : crossing))
	}));
