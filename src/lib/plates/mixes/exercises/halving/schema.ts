import { z } from 'zod';
import { METHODS } from '$lib/core/scale/mixing';

export const MOST_LEVELS = 5;
export const MOST_STROKES = 12;

export const halvingSchema = z.strictObject({
	name: z.literal('halving'),
	/** How often the middles between neighbours are taken, and how they are mixed. */
	levels: z.int().min(1).max(MOST_LEVELS),
	method: z.enum(METHODS),
	/** Strokes of the second parent over the first: how much each covers, and how many. */
	strength: z.number().min(0.02).max(0.95),
	strokes: z.int().min(1).max(MOST_STROKES)
});
export type Halving = z.infer<typeof halvingSchema>;
