import { z } from 'zod';
import { colourTextSchema } from './colour-text';
import { idSchema } from './ids';
import { lineSchema } from './line';

export const MOST_LINKED = 60;

/** A colour of a study with a name and an id: whatever uses it holds the id, so that it changes everywhere at once. */
export const linkedColourSchema = z.strictObject({
	id: idSchema,
	name: lineSchema.min(1),
	text: colourTextSchema,
	/** The name is ours, in words for the colour: it follows when the colour is turned, until somebody writes their own. */
	namedBy: z.literal('machine').optional()
});
export type LinkedColour = z.infer<typeof linkedColourSchema>;
