import { z } from 'zod';
import { idSchema } from './ids';
import { lineSchema } from './line';
import { plateSchema } from './plate';
import { linkedColourSchema, missingLinks, MOST_LINKED, studyDocumentSchema } from './study';

export const SORTS = ['changed', 'title'] as const;
export type Sort = (typeof SORTS)[number];

/** The longest list that is sent at once; "Show more" asks for more in such helpings. */
export const HELPING = 48;

/** How the studies are listed: words that must all occur, the order, and how many at most. */
export const listQuerySchema = z.object({
	words: z.string().trim().max(120).catch(''),
	sort: z.enum(SORTS).catch('changed'),
	most: z.coerce.number().int().min(1).max(2000).catch(HELPING)
});
export type ListQuery = z.infer<typeof listQuerySchema>;

export const studyLineSchema = z.strictObject({
	id: idSchema,
	title: z.string(),
	maker: z.string(),
	course: z.string(),
	revision: z.int(),
	plates: z.int(),
	changed: z.iso.datetime()
});
export type StudyLine = z.infer<typeof studyLineSchema>;

export const createStudySchema = z.strictObject({ document: studyDocumentSchema });

export const renameStudySchema = z.strictObject({ title: lineSchema.min(1) });

/** A save names the revision it was made from, and itself, so that one that was answered into the void can be repeated. */
export const saveStudySchema = z.strictObject({
	revision: z.int().min(1),
	saveId: idSchema,
	document: studyDocumentSchema
});
export type SaveStudy = z.infer<typeof saveStudySchema>;

export const savedSchema = z.strictObject({ revision: z.int().min(1), changed: z.iso.datetime() });
export type Saved = z.infer<typeof savedSchema>;

export const LEAST_PIXELS_WIDE = 200;
export const MOST_PIXELS_WIDE = 4000;

/** A plate to be drawn as pixels: `width` in pixels, 200 to 4000. */
export const pictureRequestSchema = z
	.strictObject({
		plate: plateSchema,
		linked: z.array(linkedColourSchema).max(MOST_LINKED),
		width: z.int().min(LEAST_PIXELS_WIDE).max(MOST_PIXELS_WIDE)
	})
	.refine(
		({ plate, linked }) => missingLinks([plate], linked).length === 0,
		'a plate whose linked colours come with it'
	);

/** An answer that says what was wrong and what would be right (RFC 9457, application/problem+json). */
export const problemSchema = z.object({
	status: z.int(),
	code: z.string(),
	title: z.string(),
	detail: z.string()
});
export type ProblemAnswer = z.infer<typeof problemSchema>;
