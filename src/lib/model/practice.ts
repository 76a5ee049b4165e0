import { z } from 'zod';
import { SERIES } from '$lib/core/matching/practice';
import { idSchema } from './ids';

const resultSchema = z.strictObject({
	light: z.number().min(0).max(100.001),
	strength: z.number().min(0).max(0.5),
	difference: z.number().min(0).max(200),
	limit: z.number().min(0).max(100),
	value: z.number().min(-100.001).max(100.001),
	chroma: z.number().min(-0.5).max(0.5),
	hue: z.number().min(-180).max(180).nullable()
});

/** A series of practice as it was done once: what came of each subject, and none of its colours. */
export const practiceSeriesSchema = z.strictObject({
	id: idSchema,
	made: z.iso.datetime({ offset: true }),
	results: z.array(resultSchema).min(1).max(SERIES)
});
export type PracticeSeries = z.infer<typeof practiceSeriesSchema>;

/** Series as a browser keeps them and as a file takes them along, the newest first. */
export const practiceFileSchema = z.strictObject({
	format: z.literal('ricercar practice'),
	version: z.literal(1),
	series: z.array(practiceSeriesSchema).max(500)
});
export type PracticeFile = z.infer<typeof practiceFileSchema>;
