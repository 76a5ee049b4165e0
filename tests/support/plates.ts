import { mixesPlateSchema, type MixesPlate } from '../../src/lib/plates/mixes/schema';
import { type ScalesPlate } from '../../src/lib/plates/scales/schema';
import { type StudyDocument } from '../../src/lib/study/study';

/** A plate of a study that must be one of scales: the first, unless another is asked for. */
export function scalesPlateOf({ plates }: StudyDocument, index = 0): ScalesPlate {
	const plate = plates[index];
	if (plate?.kind !== 'scales') throw new Error(`Plate ${index} is not one of scales.`);
	return plate;
}

/** A plate of mixes of two parents, changed as a test needs it. */
export const mixesPlate = (change: Partial<MixesPlate> = {}): MixesPlate =>
	mixesPlateSchema.parse({
		id: 'mixes0000001',
		kind: 'mixes',
		title: 'Mixes',
		exercise: 'ways',
		parents: [
			{ colour: { text: '#b3392b' }, parts: 1 },
			{ colour: { text: '#2f5f86' }, parts: 1 }
		],
		way: 'paint',
		lean: 0,
		guess: null,
		revealed: true,
		levels: 3,
		method: 'oklab',
		strength: 0.35,
		strokes: 6,
		figure: 'circles',
		front: 0,
		crossings: [null, null, null, null, null],
		pattern: 'stripes',
		grain: 8,
		...change
	});
