import { z } from 'zod';
import { plateSchema } from '$lib/plates/plate';
import { missingLinks, MOST_PLATES, reflectionSchema, titleBlockSchema } from './parts';
import { lineSchema } from '$lib/model/line';
import { briefTermsSchema } from './brief/terms';
import { linkedColourSchema, MOST_LINKED } from '$lib/model/linked';

const MOST_KEPT = 2000;

export const PAPERS = ['a4', 'letter'] as const;
export type Paper = (typeof PAPERS)[number];
export const PAPER_WORDS: Readonly<Record<Paper, string>> = { a4: 'A4', letter: 'Letter' };

/** Short and long side in points (ISO 216; ANSI/ASME Y14.1). */
const SIDES: Readonly<Record<Paper, readonly [number, number]>> = { a4: [595.28, 841.89], letter: [612, 792] };

export const pageLayoutSchema = z.strictObject({ paper: z.enum(PAPERS), across: z.boolean() });
/** A paper and whether it lies across. */
export type PageLayout = z.infer<typeof pageLayoutSchema>;

/** Width and height of a page in points. */
export function pageSize({ paper, across }: PageLayout): [number, number] {
	const [short, long] = SIDES[paper];
	return across ? [long, short] : [short, long];
}

/** A brief as it is printed. */
const sheetSchema = z.strictObject({
	title: lineSchema,
	/** CommonMark. */
	text: briefTermsSchema.shape.text,
	/** "Due: 4 December 2026" */
	facts: z.array(lineSchema).max(8),
	/** Codes that are given: what has one of them is drawn with it. */
	keep: z.array(z.string().regex(/^#[0-9a-f]{6}$/, 'a code of the form #rrggbb')).max(MOST_KEPT)
});
export type PrintedSheet = z.infer<typeof sheetSchema>;

/** Plates to be printed with their title block. */
export const printRequestSchema = z
	.strictObject({
		titleBlock: titleBlockSchema,
		plates: z.array(plateSchema).min(1).max(MOST_PLATES),
		linked: z.array(linkedColourSchema).max(MOST_LINKED),
		page: pageLayoutSchema,
		/** Which of the plates, by their places, are drawn as questions: without what they come to. */
		questions: z
			.array(
				z
					.int()
					.min(0)
					.max(MOST_PLATES - 1)
			)
			.max(MOST_PLATES)
			.default([]),
		/** Whether the title block of an exercise names its colours with their codes. */
		codes: z.boolean().default(false),
		reflection: reflectionSchema.default(''),
		/** A brief that is handed out on paper: its text stands first, and its plates are drawn empty, to be worked by hand. */
		sheet: sheetSchema.optional()
	})
	.refine(
		({ plates, linked }) => missingLinks(plates, linked).length === 0,
		'plates whose linked colours come with them'
	);
export type PrintRequest = z.infer<typeof printRequestSchema>;
