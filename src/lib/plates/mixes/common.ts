import { z } from 'zod';
import { colourSourceSchema } from '$lib/model/colour-text';
import { plateFields } from '$lib/model/plate-fields';
import { attemptRuleSchema, checksOf, colourDemandSchemas } from '../checks-by';

export const LEAST_MIXED = 2;
export const MOST_MIXED = 6;
export const MOST_PARTS = 20;

/** A parent of a mix and how many parts of it there are. */
const mixedSchema = z.strictObject({ colour: colourSourceSchema, parts: z.number().min(0).max(MOST_PARTS) });

/** What mixes can be asked to meet, as `MixRule` and `ColourDemand` of the core have it. */
const ruleSchema = z.discriminatedUnion('rule', [
	z.strictObject({ rule: z.literal('overlap-transparent') }),
	attemptRuleSchema,
	...colourDemandSchemas
]);

/** What every plate of mixes has, and what goes with it from one exercise to another. */
export const mixesCommonSchema = z.strictObject({
	...plateFields,
	kind: z.literal('mixes'),
	parents: z
		.array(mixedSchema)
		.min(LEAST_MIXED)
		.max(MOST_MIXED)
		.refine((parents) => parents.some(({ parts }) => parts > 0), 'parts of at least one parent'),
	checks: checksOf(ruleSchema).optional()
});
export type MixesCommon = z.infer<typeof mixesCommonSchema>;
