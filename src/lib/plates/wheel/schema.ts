import { z } from 'zod';
import { METHODS } from '$lib/core/scale/mixing';
import { DULLINGS } from '$lib/core/scale/spec';
import { HUE_COUNTS, MAKINGS, MOST_RINGS, RING_RECIPES } from '$lib/core/scheme/hue-chart';
import { WHEELS } from '$lib/core/scheme/wheel';
import { colourSourceSchema } from '$lib/model/colour-text';
import { plateFields } from '$lib/model/plate-fields';
import { checksOf, colourDemandSchemas } from '../checks-by';
import { LABELS } from '$lib/drawing/label';

/** What a wheel can be asked to meet, as `WheelRule` and `ColourDemand` of the core have it. */
const ruleSchema = z.discriminatedUnion('rule', [
	z.strictObject({ rule: z.literal('on-wheel'), is: z.enum(WHEELS) }),
	z.strictObject({
		rule: z.literal('rings'),
		least: z
			.int()
			.min(1)
			.max(2 * MOST_RINGS)
	}),
	...colourDemandSchemas
]);

const ringsSchema = z.strictObject({ recipe: z.enum(RING_RECIPES), count: z.int().min(0).max(MOST_RINGS) });

/** How strong the hues are: turned from the lead colour as it is, or at its value; or of a value and chroma given. */
export const HUES_FROM = ['lead', 'lead-value', 'given'] as const;
export type HuesFrom = (typeof HUES_FROM)[number];

/** OKLCH chroma; no screen shows more. */
export const MOST_CHROMA = 0.37;

/** A wheel of hues with rings inside and outside it. What another choice leaves aside is kept. */
export const wheelPlateSchema = z.strictObject({
	...plateFields,
	kind: z.literal('wheel'),
	wheel: z.enum(WHEELS),
	hues: z.literal(HUE_COUNTS),
	from: z.enum(HUES_FROM),
	lead: colourSourceSchema,
	/** Value L* and OKLCH chroma of hues of given strength. */
	value: z.number().min(0).max(100),
	chroma: z.number().min(0).max(MOST_CHROMA),
	inside: ringsSchema,
	outside: ringsSchema,
	making: z.enum(MAKINGS),
	/** Of true mixes. */
	method: z.enum(METHODS),
	/** What rings are dulled with; as the method mixes opposite hues, where a wheel was stored before there was the choice. */
	dulling: z.enum(DULLINGS).optional(),
	/** Of each disc, where discs are laid over each other. */
	discStrength: z.number().min(0.05).max(1),
	label: z.enum(LABELS),
	checks: checksOf(ruleSchema).optional()
});
export type WheelPlate = z.infer<typeof wheelPlateSchema>;

/** Whether any of its rings is dulled. */
export const isDulled = ({ inside, outside }: Pick<WheelPlate, 'inside' | 'outside'>): boolean =>
	[inside, outside].some(({ recipe, count }) => recipe === 'dulling' && count > 0);
