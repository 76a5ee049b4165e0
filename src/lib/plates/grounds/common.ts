import { z } from 'zod';
import { FIGURE_FORMS } from '$lib/drawing/figure';
import { colourSourceSchema } from '$lib/model/colour-text';
import { attemptRuleSchema, checksOf, colourDemandSchemas } from '../checks-by';
import { plateFields } from '$lib/model/plate-fields';
import { strengthsSchema } from '$lib/model/own-contrast';
import { keptPaletteSchema } from '$lib/model/palette';

/** Two grounds that touch and fill the plate, or a square or disc for each. */
export const GROUND_FORMS = ['fields', 'squares', 'circles'] as const;
export type GroundForm = (typeof GROUND_FORMS)[number];
export const LARGEST_GROUND = 1;

const difference = z.number().min(0).max(100);
/** What figures on grounds can be asked to meet, as `GroundRule` and `ColourDemand` of the core have it. */
const ruleSchema = z.discriminatedUnion('rule', [
	z.strictObject({ rule: z.literal('figures-identical'), within: difference }),
	z.strictObject({ rule: z.literal('grounds-differ'), least: difference }),
	attemptRuleSchema,
	...colourDemandSchemas
]);

/** What every plate of grounds has, and what goes with it from one exercise to another. */
export const groundsCommonSchema = z.strictObject({
	...plateFields,
	kind: z.literal('grounds'),
	grounds: z.tuple([colourSourceSchema, colourSourceSchema]),
	/** The figure on the first ground, and the one on the second where an exercise has two. */
	figures: z.tuple([colourSourceSchema, colourSourceSchema]),
	form: z.enum(FIGURE_FORMS),
	/** Of a figure, as a share of its ground. */
	size: z.number().min(0.08).max(0.8),
	groundForm: z.enum(GROUND_FORMS).optional(),
	/** Of a square or disc, as a share of its half of the plate. */
	groundSize: z.number().min(0.3).max(LARGEST_GROUND).optional(),
	/** How strongly a ground works on a figure in the model, on its value and on its colour: below 0 contrast, above 0 assimilation. */
	strengths: strengthsSchema,
	/** A palette in which grounds are looked for, or over whose colours figures are laid. */
	palette: keptPaletteSchema.nullable(),
	checks: checksOf(ruleSchema).optional()
});
export type GroundsCommon = z.infer<typeof groundsCommonSchema>;
