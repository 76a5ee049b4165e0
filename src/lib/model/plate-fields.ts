import { z } from 'zod';
import { colourSourceSchema } from './colour-text';
import { idSchema } from './ids';
import { lineSchema } from './line';

/** A caption is read under a plate: some sentences, no essay. */
export const MOST_CAPTION = 300;

/** What the schema of every kind of plate has; see `PlateBase`. */
export const plateFields = {
	id: idSchema,
	title: lineSchema,
	titledBy: z.literal('machine').optional(),
	caption: z
		.string()
		.trim()
		.max(MOST_CAPTION)
		.regex(/^[^\p{Control}\p{Surrogate}]*$/u, 'a caption without control characters')
		.optional(),
	ground: colourSourceSchema.optional()
};
