import { z } from 'zod';
import { METHODS } from '$lib/core/scale/path';
import { RECIPES } from '$lib/core/scale/recipe';
import { MOST_BETWEEN } from '$lib/core/scale/scale';
import { SPACINGS } from '$lib/core/scale/spacing';
import { colourSourceSchema } from './colour-text';
import { idSchema } from './ids';
import { lineSchema } from './line';

/** More scales than this on one plate could not be read. */
export const MOST_SCALES = 24;

/**
 * A scale as people decide it. It always keeps two parents, so that changing the recipe there and back loses
 * nothing; a recipe of one parent leaves the second aside.
 */
export const scaleSchema = z.strictObject({
	id: idSchema,
	recipe: z.enum(RECIPES),
	parents: z.tuple([colourSourceSchema, colourSourceSchema]),
	between: z.int().min(0).max(MOST_BETWEEN),
	method: z.enum(METHODS),
	spacing: z.enum(SPACINGS)
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
