import { z } from 'zod';
import { colourSourceSchema, colourTextSchema } from '$lib/model/colour-text';

export const middleSchema = z.strictObject({
	name: z.literal('middle'),
	/** −1 at the first parent, 0 midway, 1 at the second. */
	lean: z.number().min(-1).max(1),
	/** The middle as found by eye, and whether the true one is shown. */
	guess: colourSourceSchema.nullable(),
	revealed: z.boolean(),
	/** What was found by eye when the middle was shown for the first time; null where nothing was, none while it was never shown. */
	attempt: colourTextSchema.nullable().optional()
});
export type Middle = z.infer<typeof middleSchema>;
