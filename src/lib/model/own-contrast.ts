import { z } from 'zod';
import { CONTRAST_ROUNDS } from '$lib/core/matching/own-contrast';
import { colourSourceSchema, colourTextSchema } from './colour-text';
import { idSchema } from './ids';

/** A moment, as ISO 8601 has it. */
const momentSchema = z.iso.datetime({ offset: true });

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

const matchSchema = z.strictObject({ figure: colourTextSchema, ground: colourTextSchema, twin: colourTextSchema });
export type KeptMatch = z.infer<typeof matchSchema>;

/** What it takes to keep a measure. Fewer than four matches say nothing. */
export const createMeasureSchema = z.strictObject({ matches: z.array(matchSchema).min(4).max(48) });

/** A person's own contrast as it was measured once. */
export const measureSchema = z.strictObject({
	id: idSchema,
	made: momentSchema,
	p: z.number().min(-1).max(1),
	spread: z.number().min(0),
	matches: z.int()
});
export type Measure = z.infer<typeof measureSchema>;

/** The newest first. */
export const measureListSchema = z.strictObject({ measures: z.array(measureSchema) });
