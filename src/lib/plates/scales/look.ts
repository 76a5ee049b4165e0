import { z } from 'zod';
import { LABELS } from '$lib/drawing/label';

/** How a scale is laid out: bars that touch or stand apart, rising blocks, a column, figures in each other, figures that change form, a ring. */
export const FORMS = ['bars', 'gaps', 'blocks', 'column', 'squares', 'circles', 'changing', 'ring'] as const;
export type Form = (typeof FORMS)[number];

/** How much of the plate's height a row takes beside the others. */
export const SIZES = ['small', 'middle', 'large'] as const;
export type Size = (typeof SIZES)[number];

export const scaleLookSchema = z.strictObject({
	form: z.enum(FORMS),
	label: z.enum(LABELS),
	size: z.enum(SIZES),
	/** The last step first: from the right, from the inside out, or against the clock. */
	turned: z.boolean(),
	/** With the unbroken gradation under the steps. */
	gradation: z.boolean()
});
export type ScaleLook = z.infer<typeof scaleLookSchema>;

/** The look of a scale that nobody has changed. */
export const PLAIN_LOOK: ScaleLook = { form: 'bars', label: 'value', size: 'middle', turned: false, gradation: false };
