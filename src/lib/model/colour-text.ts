import { z } from 'zod';
import { readColour } from '$lib/core/colour/read';
import { Problem } from '$lib/core/problem';
import { idSchema } from './ids';

/**
 * A colour as it is stored: the text it was given in, by CSS Color 4. It must be opaque, because a scale mixes
 * colours, not layers, and `hsb()` is not CSS, so it never reaches a file.
 */
export const colourTextSchema = z
	.string()
	.max(200)
	.check((context) => {
		try {
			const { alpha, space } = readColour(context.value);
			if (alpha < 1) context.issues.push(issue(context.value, 'an opaque colour, without alpha'));
			if (space === 'hsb') context.issues.push(issue(context.value, 'a CSS colour; hsb() is not one'));
		} catch (error) {
			if (!(error instanceof Problem)) throw error;
			context.issues.push(issue(context.value, `${error.message} Expected: ${error.expected}`));
		}
	});

function issue(input: string, message: string) {
	return { code: 'custom' as const, input, message };
}

/** Where a parent's colour comes from: its own text, or a linked colour of the study. */
export const colourSourceSchema = z.union([
	z.strictObject({ text: colourTextSchema }),
	z.strictObject({ linked: idSchema })
]);
export type ColourSource = z.infer<typeof colourSourceSchema>;
