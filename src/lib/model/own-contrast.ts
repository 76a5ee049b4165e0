import { z } from 'zod';
import { MOST_STRENGTH } from '$lib/core/ground/on-ground';
import { CONTRAST_ROUNDS } from '$lib/core/matching/own-contrast';
import { colourSourceSchema, colourTextSchema } from './colour-text';
import { idSchema } from './ids';

/** A moment, as ISO 8601 has it. */
const momentSchema = z.iso.datetime({ offset: true });

/** How strongly a ground works on a figure: on its value and on its colour. */
export const strengthsSchema = z.strictObject({
	value: z.number().min(-MOST_STRENGTH.value).max(MOST_STRENGTH.value),
	colour: z.number().min(-MOST_STRENGTH.colour).max(MOST_STRENGTH.colour)
});

/** A series of matches as a plate holds it: what was set so far, and the twin that is being set. */
export const contrastSeriesSchema = z.strictObject({
	/** Which series: it decides the order and the starts. */
	series: z.int().min(0).max(1_000_000),
	/** The twin of each match so far. */
	twins: z.array(colourTextSchema).max(CONTRAST_ROUNDS),
	/** The twin of the match at hand; null as long as it stands where it started. */
	twin: colourSourceSchema.nullable(),
	/** The measure that it was kept as, and when. */
	kept: z.strictObject({ id: idSchema, made: momentSchema }).nullable()
});
export type ContrastSeries = z.infer<typeof contrastSeriesSchema>;

/** A person's own contrast as it was measured once. */
export const measureSchema = z.strictObject({
	id: idSchema,
	made: momentSchema,
	strengths: strengthsSchema,
	/** How far single matches differ from the strengths. */
	spread: z.strictObject({ value: z.number().min(0), colour: z.number().min(0) }),
	matches: z.int().min(1).max(CONTRAST_ROUNDS)
});
export type Measure = z.infer<typeof measureSchema>;

/** Measures as a browser keeps them and as a file takes them along, the newest first. */
export const measuresFileSchema = z.strictObject({
	format: z.literal('ricercar measures'),
	version: z.literal(1),
	measures: z.array(measureSchema).max(200)
});
export type MeasuresFile = z.infer<typeof measuresFileSchema>;
