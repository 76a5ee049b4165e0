import { z } from 'zod';
import { readColour } from '$lib/core/colour/read';
import { Problem } from '$lib/core/problem';
import { idSchema } from './ids';
import { lineSchema } from './line';

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

/** Places are named by their kinds, by ids and shares that outlive a change of count: a step by its share of the way. */
const LONGEST_PLACE = 80;

/** A colour of another plate that a source follows: which plate, and which of its colours. */
export const followedSchema = z.strictObject({ plate: idSchema, place: z.string().min(1).max(LONGEST_PLACE) });
export type Followed = z.infer<typeof followedSchema>;

/**
 * Where a colour comes from: its own text, a linked colour of the study, or a colour of another plate. What follows another plate
 * keeps the text that it had last, so that it stays as it is when that plate goes, or when it is taken to another study. A text that
 * came from a palette keeps the name that it had there, until another takes its place.
 */
export const colourSourceSchema = z.union([
	z.strictObject({ text: colourTextSchema, follows: followedSchema.optional(), name: lineSchema.min(1).optional() }),
	z.strictObject({ linked: idSchema })
]);
export type ColourSource = z.infer<typeof colourSourceSchema>;

/** A colour that is taken from somewhere and put elsewhere: its text, with the name that it had. */
export type TakenColour = Extract<ColourSource, { text: string }>;
