import { z } from 'zod';
import { checkSchema, MOST_CHECKS } from './check';
import { idSchema } from './ids';
import { lineSchema } from './line';
import { groundsPlateSchema } from './grounds-plate';
import { mixesPlateSchema } from './mixes-plate';
import { scaleSchema } from './scale';
import { schemePlateSchema } from './scheme-plate';
import { wheelPlateSchema } from './wheel-plate';

/** More scales than this on one plate could not be read. */
export const MOST_SCALES = 24;

export const scalesPlateSchema = z.strictObject({
	id: idSchema,
	kind: z.literal('scales'),
	title: lineSchema,
	scales: z.array(scaleSchema).max(MOST_SCALES),
	checks: z.array(checkSchema).max(MOST_CHECKS).optional()
});
export type ScalesPlate = z.infer<typeof scalesPlateSchema>;

/** A plate; its kind says what is on it. */
export const plateSchema = z.discriminatedUnion('kind', [
	scalesPlateSchema,
	wheelPlateSchema,
	schemePlateSchema,
	mixesPlateSchema,
	groundsPlateSchema
]);
export type Plate = z.infer<typeof plateSchema>;
