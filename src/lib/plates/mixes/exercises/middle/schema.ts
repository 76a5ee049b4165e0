import { z } from 'zod';
import { colourSourceSchema } from '$lib/model/colour-text';

export const middleSchema = z.strictObject({
	name: z.literal('middle'),
	/** −1 at the first parent, 0 midway, 1 at the second. */
	lean: z.number().min(-1).max(1),
	/** The middle as found by eye, and whether the true one is shown. */
	guess: colourSourceSchema.nullable(),
	revealed: z.boolean()
});
export type Middle = z.infer<typeof middleSchema>;
