import { z } from 'zod';
import { RECIPES } from '$lib/core/scale/recipe';
import { MOST_BETWEEN } from '$lib/core/scale/scale';
import { WHEELS } from '$lib/core/scheme/wheel';
import { colourTextSchema } from '$lib/model/colour-text';
import { idSchema } from '$lib/model/ids';

const count = z.int().min(0).max(MOST_BETWEEN);
const angle = z.number().min(0).max(180);
const value = z.number().min(0).max(100);

/** What a plate can be asked to meet, as `ScaleRule` of the core has it. */
const scaleRuleSchema = z.discriminatedUnion('rule', [
	z.strictObject({ rule: z.literal('recipe'), is: z.enum(RECIPES) }),
	z.strictObject({ rule: z.literal('count'), least: count, most: count }),
	z.strictObject({
		rule: z.literal('temperature'),
		of: z.union([z.int().min(0).max(11), z.literal('all')]),
		is: z.enum(['warm', 'cool'])
	}),
	z.strictObject({ rule: z.literal('separation'), wheel: z.enum(WHEELS), least: angle, most: angle }),
	z.strictObject({ rule: z.literal('key'), is: z.enum(['high', 'low']), limit: value.optional() }),
	z.strictObject({ rule: z.literal('not-pure') }),
	z.strictObject({ rule: z.literal('value-one-way') }),
	z.strictObject({ rule: z.literal('value-equal'), within: value }),
	z.strictObject({ rule: z.literal('evenness'), least: z.number().min(0).max(1) }),
	z.strictObject({
		rule: z.literal('uses-palette'),
		palette: z.array(colourTextSchema).min(1).max(60).readonly(),
		within: z.number().min(0).max(100)
	})
]);

export const MOST_CHECKS = 60;

/** One thing that a plate is asked to meet: by one of its scales, or by all where `scale` is null. */
export const checkSchema = z.strictObject({ id: idSchema, scale: idSchema.nullable(), rule: scaleRuleSchema });
export type Check = z.infer<typeof checkSchema>;
