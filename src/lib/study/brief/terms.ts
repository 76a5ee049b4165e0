import { z } from 'zod';
import { idSchema } from '$lib/model/ids';
import { lineSchema } from '$lib/model/line';
import { MOST_PLATES } from '../parts';

/** The text of a brief is a page or two. */
export const MOST_BRIEF_TEXT = 12_000;
export const MOST_WORDS = 2000;
/** More than the largest plate decides: 24 rows of twelve parents, with all that is decided on each. */
const MOST_KEYS = 2000;

/** What a brief gives of one of its plates, by the keys of what is decided on it. */
const givenSchema = z.strictObject({
	plate: idSchema,
	keys: z.array(z.string().min(1).max(120)).max(MOST_KEYS)
});

/** What makes a study a brief: what is asked of those who take it up, beside its plates and their checks. */
export const briefTermsSchema = z.strictObject({
	/** Names the brief, whatever its version. */
	id: idSchema,
	/** CommonMark: headings, lists, emphasis. */
	text: z
		.string()
		.max(MOST_BRIEF_TEXT)
		.regex(/^(?:[^\p{Control}\p{Surrogate}]|[\n\t])*$/u, 'a text without control characters'),
	/** A calendar day, or none. */
	due: z.union([z.literal(''), z.iso.date()]),
	/** What it is worth, in the educator's own words. */
	worth: lineSchema,
	/** So many words of reflection at the least; 0 where none is asked. */
	words: z.int().min(0).max(MOST_WORDS),
	/** Whether codes, readings and answers are put away until it is handed in. */
	hidden: z.boolean(),
	given: z.array(givenSchema).max(MOST_PLATES)
});
export type BriefTerms = z.infer<typeof briefTermsSchema>;

/** A brief that asks nothing yet. */
export const emptyTerms = (id: string): BriefTerms => ({
	id,
	text: '',
	due: '',
	worth: '',
	words: 0,
	hidden: false,
	given: []
});
