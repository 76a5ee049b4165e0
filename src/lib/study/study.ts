import { z } from 'zod';
import { idSchema } from '$lib/model/ids';
import { briefSchema } from './brief/brief';
import { briefTermsSchema } from './brief/terms';
import { inconsistencies, reflectionSchema, titleBlockSchema, workShape } from './parts';

const MOST_HANDED_IN = 200;

/** Everything that people decide in a study. What follows from it is never stored. */
export const studyDocumentSchema = z
	.strictObject({
		titleBlock: titleBlockSchema,
		reflection: reflectionSchema.optional(),
		...workShape,
		/** Where it is set as a brief: what is asked of those who take it up. */
		brief: briefTermsSchema.optional(),
		/** Where it answers a brief: the brief as it was when it was taken up, or taken over last. */
		answers: briefSchema.optional(),
		/** When it was handed in, by the ids of the hand-ins, the newest last. */
		handedIn: z
			.array(z.strictObject({ id: idSchema, at: z.iso.datetime() }))
			.max(MOST_HANDED_IN)
			.optional()
	})
	.check((context) => {
		for (const message of inconsistencies(context.value))
			context.issues.push({ code: 'custom', input: context.value, message });
	});
export type StudyDocument = z.infer<typeof studyDocumentSchema>;

/** Whether two documents say the same, whatever the order in which the database or an edit has left their parts. */
export const isSameDocument = (one: StudyDocument, other: StudyDocument): boolean =>
	JSON.stringify(studyDocumentSchema.parse(one)) === JSON.stringify(studyDocumentSchema.parse(other));

/** A study as it travels: its document with the revision that the next save must name. */
export const studySchema = z.strictObject({
	id: idSchema,
	revision: z.int().min(1),
	changed: z.iso.datetime(),
	document: studyDocumentSchema,
	/** Colours of the document that were stored beyond all measure, as they were; the document has the nearest. */
	brought: z.array(z.string()).readonly().optional()
});
export type Study = z.infer<typeof studySchema>;
