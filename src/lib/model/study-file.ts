import { z } from 'zod';
import { Problem } from '$lib/core/problem';
import { studyDocumentSchema, type StudyDocument } from './study';

/** A study as a file: plain JSON that says what it is and in which version, and the document as it is stored. */
const studyFileSchema = z.strictObject({
	format: z.literal('ricercar study'),
	version: z.literal(1),
	document: studyDocumentSchema
});

/** Longer files are refused unread: a full study takes a quarter of this. */
export const LONGEST_STUDY_FILE = 2_000_000;
const EXPECTED = 'a study that was taken away as JSON';

export function writeStudyFile(document: StudyDocument): string {
	return `${JSON.stringify({ format: 'ricercar study', version: 1, document }, null, '\t')}\n`;
}

/** @throws Problem `file` with the place in the file and what was expected there; nothing is half-read. */
export function readStudyFile(text: string): StudyDocument {
	if (text.length > LONGEST_STUDY_FILE)
		throw new Problem('file', `The file has ${text.length} characters.`, `at most ${LONGEST_STUDY_FILE}`);
	let content: unknown;
	try {
		content = JSON.parse(text);
	} catch {
		throw new Problem('file', 'This is no JSON.', EXPECTED);
	}
	const result = studyFileSchema.safeParse(content);
	if (result.success) return result.data.document;
	const [issue] = result.error.issues;
	const place = issue && issue.path.length > 0 ? issue.path.map(String).join(' › ') : 'its beginning';
	throw new Problem('file', `At ${place}: ${issue?.message ?? 'unreadable'}.`, EXPECTED);
}
