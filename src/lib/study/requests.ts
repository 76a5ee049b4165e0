import { z } from 'zod';
import { idSchema } from '$lib/model/ids';
import { lineSchema } from '$lib/model/line';
import { revisionSchema, wordsSchema } from '$lib/model/listed';
import { drawPiece } from '$lib/plates/draw-plate';
import { plateSchema } from '$lib/plates/plate';
import { missingLinks, titleBlockSchema } from './parts';
import { studyDocumentSchema } from './study';
import { linkedColourSchema, MOST_LINKED } from '$lib/model/linked';

export const SORTS = ['changed', 'title'] as const;
export type Sort = (typeof SORTS)[number];

export const LISTED = ['studies', 'briefs'] as const;
export type Listed = (typeof LISTED)[number];

/** How the studies are listed: words that must all occur, the order, and after which place of the list (`next` of the helping before). */
export const listQuerySchema = z.object({
	/** Studies, or those among them that are set as briefs. */
	of: z.enum(LISTED).catch('studies'),
	words: wordsSchema.default(''),
	sort: z.enum(SORTS).catch('changed'),
	after: z.string().max(1000).default('')
});
export type ListQuery = z.infer<typeof listQuerySchema>;

/** For whom a study is duplicated; for its own maker where nobody is named. */
export const duplicateStudySchema = z.strictObject({ maker: titleBlockSchema.shape.maker.optional() });

export const studyLineSchema = z.strictObject({
	id: idSchema,
	title: z.string(),
	maker: z.string(),
	course: z.string(),
	revision: revisionSchema,
	plates: z.int(),
	changed: z.iso.datetime()
});
export type StudyLine = z.infer<typeof studyLineSchema>;

/** A helping of the list of studies. */
export const studyListSchema = z.strictObject({
	lines: z.array(studyLineSchema),
	/** Ids of those that cannot be read, so that they can be deleted; they never hide the others. */
	unreadable: z.array(z.string()),
	/** Where the next helping begins, or null at the end of the list. */
	next: z.string().nullable()
});
export type StudyList = z.infer<typeof studyListSchema>;

export const createStudySchema = z.strictObject({ document: studyDocumentSchema });

export const renameStudySchema = z.strictObject({ title: lineSchema.min(1) });

/** A save names the revision it was made from, and itself, so that one that was answered into the void can be repeated. */
export const saveStudySchema = z.strictObject({
	revision: revisionSchema,
	saveId: idSchema,
	document: studyDocumentSchema
});
export type SaveStudy = z.infer<typeof saveStudySchema>;

export const savedSchema = z.strictObject({ revision: revisionSchema, changed: z.iso.datetime() });
export type Saved = z.infer<typeof savedSchema>;

export const LEAST_PIXELS_WIDE = 200;
export const MOST_PIXELS_WIDE = 4000;

/** A plate, or the part of it that stands by itself, to be drawn as pixels: `width` in pixels, 200 to 4000. */
export const pictureRequestSchema = z
	.strictObject({
		plate: plateSchema,
		linked: z.array(linkedColourSchema).max(MOST_LINKED),
		width: z.int().min(LEAST_PIXELS_WIDE).max(MOST_PIXELS_WIDE),
		piece: z.literal(true).optional()
	})
	.refine(
		({ plate, linked }) => missingLinks([plate], linked).length === 0,
		'a plate whose linked colours come with it'
	)
	.refine(
		({ plate, linked, piece }) =>
			missingLinks([plate], linked).length > 0 || !piece || drawPiece(plate, linked) !== null,
		'a plate that has such a part'
	);

/** The first plate of a study, without the others: what it follows of them is as it was last. */
export const firstPlateSchema = z
	.object({ linked: z.array(linkedColourSchema).max(MOST_LINKED), plates: z.array(plateSchema).max(1) })
	.refine(
		({ plates, linked }) => missingLinks(plates, linked).length === 0,
		'a plate whose linked colours are in its study'
	);

/** An answer that says what was wrong and what would be right (RFC 9457, application/problem+json). */
export const problemSchema = z.object({
	status: z.int(),
	code: z.string(),
	title: z.string(),
	detail: z.string()
});
export type ProblemAnswer = z.infer<typeof problemSchema>;
