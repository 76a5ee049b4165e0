import { z } from 'zod';
import { colourSourceSchema } from '$lib/model/colour-text';
import { plateFields } from '$lib/model/plate-fields';

export const LEAST_MIXED = 2;
export const MOST_MIXED = 6;
export const MOST_PARTS = 20;

/** A parent of a mix and how many parts of it there are. */
const mixedSchema = z.strictObject({ colour: colourSourceSchema, parts: z.number().min(0).max(MOST_PARTS) });

/** What every plate of mixes has, and what goes with it from one exercise to another. */
export const mixesCommonSchema = z.strictObject({
	...plateFields,
	kind: z.literal('mixes'),
	parents: z
		.array(mixedSchema)
		.min(LEAST_MIXED)
		.max(MOST_MIXED)
		.refine((parents) => parents.some(({ parts }) => parts > 0), 'parts of at least one parent')
});
export type MixesCommon = z.infer<typeof mixesCommonSchema>;
