import { z } from 'zod';
import { LABELS } from '$lib/drawing/label';

/** How a scale is laid out: bars that touch or stand apart, rising blocks, a column, figures in each other, figures that change form, a ring. */
export const FORMS = ['bars', 'gaps', 'blocks', 'column', 'squares', 'circles', 'changing', 'ring'] as const;
export type Form = (typeof FORMS)[number];

/** How much of the plate's height a row takes beside the others. */
export const SIZES = ['small', 'middle', 'large'] as const;
export type Size = (typeof SIZES)[number];

/** Figures in each other: how large the smallest and the largest are, and whether a second set crosses the first. */
export const nestSchema = z
	.strictObject({
		/** Shares 0–1 of the room that there is. */
		least: z.number().min(0.02).max(0.95),
		most: z.number().min(0.05).max(1),
		/** How far a second set is shifted, as a share of the largest; no second set where there is none. */
		second: z.number().min(0.02).max(1).nullable()
	})
	.refine(({ least, most }) => least < most, 'a smallest figure smaller than the largest');
export type Nest = z.infer<typeof nestSchema>;

/** The sizes of figures in each other that are set, the larger first, and what they are called. */
export const NEST_ENDS = [
	{ key: 'most', name: 'Largest figure', short: 'largest' },
	{ key: 'least', name: 'Smallest figure', short: 'smallest' }
] as const;
export type NestEnd = (typeof NEST_ENDS)[number]['key'];
/** How much larger the largest figure is at the least, as a share of the room. */
const NEST_APART = 0.03;

/** Between which shares of the room a size can be set while the other stays. */
export const nestLimits = ({ least, most }: Nest, end: NestEnd): readonly [from: number, to: number] =>
	end === 'most' ? [Math.max(0.05, least + NEST_APART), 1] : [0.02, Math.min(0.95, most - NEST_APART)];

export const scaleLookSchema = z.strictObject({
	form: z.enum(FORMS),
	label: z.enum(LABELS),
	size: z.enum(SIZES),
	/** The last step first: from the right, from the inside out, or against the clock. */
	turned: z.boolean(),
	/** With the unbroken gradation under the steps. */
	gradation: z.boolean(),
	/** Of figures in each other; as large as there is room, from a point on, unless said. */
	nest: nestSchema.optional()
});
export type ScaleLook = z.infer<typeof scaleLookSchema>;

/** The look of a scale that nobody has changed. */
export const PLAIN_LOOK: ScaleLook = { form: 'bars', label: 'value', size: 'middle', turned: false, gradation: false };
