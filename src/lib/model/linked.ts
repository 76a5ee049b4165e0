import { z } from 'zod';
import { colourTextSchema } from './colour-text';
import { idSchema } from './ids';
import { lineSchema } from './line';

export const MOST_LINKED = 60;

/** A colour of a study with a name and an id: whatever uses it holds the id, so that it changes everywhere at once. */
export const linkedColourSchema = z.strictObject({ id: idSchema, name: lineSchema.min(1), text: colourTextSchema });
export type LinkedColour = z.infer<typeof linkedColourSchema>;
