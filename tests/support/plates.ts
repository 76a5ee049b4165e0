import { type Settings } from '../../src/lib/plates/exercise';
import { type GroundsCommon } from '../../src/lib/plates/grounds/common';
import { type GroundExercise } from '../../src/lib/plates/grounds/exercise';
import { groundsPlateSchema, type GroundsPlate } from '../../src/lib/plates/grounds/schema';
import { type MixesCommon } from '../../src/lib/plates/mixes/common';
import { type MixExercise } from '../../src/lib/plates/mixes/exercise';
import { mixesPlateSchema, type MixesPlate } from '../../src/lib/plates/mixes/schema';
import { type ScalesPlate } from '../../src/lib/plates/scales/schema';
import { type StudyDocument } from '../../src/lib/study/study';

/** A plate of a study that must be one of scales: the first, unless another is asked for. */
export function scalesPlateOf({ plates }: StudyDocument, index = 0): ScalesPlate {
	const plate = plates[index];
	if (plate?.kind !== 'scales') throw new Error(`Plate ${index} is not one of scales.`);
	return plate;
}

const MIXED: MixesCommon = {
	id: 'mixes0000001',
	kind: 'mixes',
	title: 'Mixes',
	parents: [
		{ colour: { text: '#b3392b' }, parts: 1 },
		{ colour: { text: '#2f5f86' }, parts: 1 }
	]
};

/** A plate of mixes of two parents in an exercise, with settings and parents as a test needs them. */
export const mixesPlate = <S extends Settings, M>(
	exercise: MixExercise<S, M>,
	settings: Partial<Omit<S, 'name'>> = {},
	common: Partial<MixesCommon> = {}
): MixesPlate =>
	mixesPlateSchema.parse({ ...MIXED, ...common, exercise: { ...exercise.begin(MIXED), ...settings }, aside: {} });

const GROUNDED: GroundsCommon = {
	id: 'grounds00001',
	kind: 'grounds',
	title: 'Grounds',
	grounds: [{ text: '#b3392b' }, { text: '#2f5f86' }],
	figures: [{ text: '#9a8f7d' }, { text: '#9a8f7d' }],
	form: 'squares',
	size: 0.3,
	strengths: { value: -0.3, colour: -0.08 },
	palette: null
};

/** A plate of grounds in an exercise, with settings, grounds and figures as a test needs them. */
export const groundsPlate = <S extends Settings, M>(
	exercise: GroundExercise<S, M>,
	settings: Partial<Omit<S, 'name'>> = {},
	common: Partial<GroundsCommon> = {}
): GroundsPlate =>
	groundsPlateSchema.parse({
		...GROUNDED,
		...common,
		exercise: { ...exercise.begin(GROUNDED), ...settings },
		aside: {}
	});
