import { z } from 'zod';
import { MOST_BETWEEN } from '$lib/core/scale/scale';
import { colourSourceSchema } from './colour-text';
import { idSchema } from './ids';
import { lineSchema } from './line';
import { OFFERED_METHODS, OFFERED_RECIPES, OFFERED_SPACINGS } from './offered';

/** More scales than this on one plate could not be read. */
export const MOST_SCALES = 24;

/**
 * A scale as people decide it. It always keeps two parents, so that changing the recipe there and back loses
 * nothing; a recipe of one parent leaves the second aside.
 */
export const scaleSchema = z.strictObject({
	id: idSchema,
	recipe: z.enum(OFFERED_RECIPES),
	parents: z.tuple([colourSourceSchema, colourSourceSchema]),
	between: z.int().min(0).max(MOST_BETWEEN),
	method: z.enum(OFFERED_METHODS),
	spacing: z.enum(OFFERED_SPACINGS)
});
export type ScaleDecision = z.infer<typeof scaleSchema>;

export const scalesPlateSchema = z.strictObject({
	id: idSchema,
	kind: z.literal('scales'),
	title: lineSchema,
	scales: z.array(scaleSchema).max(MOST_SCALES)
});
export type ScalesPlate = z.infer<typeof scalesPlateSchema>;

/** A plate; its kind says what is on it. */
export const plateSchema = z.discriminatedUnion('kind', [scalesPlateSchema]);
export type Plate = z.infer<typeof plateSchema>;
