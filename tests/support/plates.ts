import { type ScalesPlate } from '../../src/lib/model/plate';
import { type StudyDocument } from '../../src/lib/model/study';

/** A plate of a study that must be one of scales: the first, unless another is asked for. */
export function scalesPlateOf({ plates }: StudyDocument, index = 0): ScalesPlate {
	const plate = plates[index];
	if (plate?.kind !== 'scales') throw new Error(`Plate ${index} is not one of scales.`);
	return plate;
}
