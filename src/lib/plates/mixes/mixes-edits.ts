import { type ColourSource } from '$lib/model/colour-text';
import { withPlateOf, type Edit } from '$lib/model/edit';
import { type Settings } from '../exercise';
import { LEAST_MIXED, MOST_MIXED, MOST_PARTS } from './common';
import { type MixExercise } from './exercise';
import { mixExercises } from './exercises';
import { type MixesPlate } from './schema';

const withMixes = (plateId: string, change: (plate: MixesPlate) => MixesPlate): Edit =>
	withPlateOf<MixesPlate>('mixes', plateId, change);

/** Shows another exercise; the one before is kept as it was left. */
export const changeExercise = (plateId: string, name: string): Edit =>
	withMixes(plateId, (plate) => mixExercises.change(plate, name));

/** Changes the settings of an exercise. */
export const setExercise = <S extends Settings, M>(
	plateId: string,
	exercise: MixExercise<S, M>,
	change: (settings: S) => S
): Edit => withMixes(plateId, (plate) => mixExercises.set(exercise, plate, change));

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

/** Takes a parent out, and out of every exercise that counts on it. */
export const removeMixParent = (plateId: string, index: number): Edit =>
	withMixes(plateId, (plate) => {
		const parents = plate.parents.filter((_, i) => i !== index);
		if (parents.length < LEAST_MIXED) return plate;
		const left = parents.some((parent) => parent.parts > 0);
		const remaining = { ...plate, parents: left ? parents : parents.map((parent) => ({ ...parent, parts: 1 })) };
		return mixExercises.mapAll(remaining, (settings) => {
			const { without } = mixExercises.named(settings.name);
			return without ? without(settings, index) : settings;
		});
	});
