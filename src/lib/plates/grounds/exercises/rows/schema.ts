import { z } from 'zod';
import { scaleSchema } from '../../../scales/scale';

/** What a row of grounds runs through. */
export const GROUND_ROWS = ['values', 'hues', 'chroma', 'palette'] as const;
export type GroundRow = (typeof GROUND_ROWS)[number];
export const LEAST_GROUNDS = 3;
export const MOST_GROUNDS = 12;

export const rowsSchema = z.strictObject({
	name: z.literal('rows'),
	predicted: z.boolean(),
	row: z.enum(GROUND_ROWS),
	count: z.int().min(LEAST_GROUNDS).max(MOST_GROUNDS),
	/** A whole scale in place of the one figure, as it was when it was taken; its linked colours stay linked. */
	scale: scaleSchema.nullable()
});
export type Rows = z.infer<typeof rowsSchema>;
