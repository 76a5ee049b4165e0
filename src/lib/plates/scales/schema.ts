import { z } from 'zod';
import { plateFields } from '$lib/model/plate-fields';
import { checkSchema, MOST_CHECKS } from './check';
import { scaleSchema } from './scale';

/** More scales than this on one plate could not be read. */
export const MOST_SCALES = 24;

/** A plate of scales, one in a row, and what they are asked to meet. */
export const scalesPlateSchema = z.strictObject({
	...plateFields,
	kind: z.literal('scales'),
	scales: z.array(scaleSchema).max(MOST_SCALES),
	checks: z.array(checkSchema).max(MOST_CHECKS).optional()
});
export type ScalesPlate = z.infer<typeof scalesPlateSchema>;
