import { z } from 'zod';
import { Problem } from '$lib/core/problem';
import { sayIssue } from '$lib/model/say-issue';
import { studyDocumentSchema, type StudyDocument } from './study';

/**
 * The format of study files that this version writes; it reads the earlier ones too. In the first, plates had no exercise of their own
 * shape; in the second nobody could write on their work, and every plate was white; in the third there were no pictures.
 */
const FORMAT = 4;
const EXPECTED = 'a study that was taken away as JSON';

/** What every study file says of itself, whatever its version. */
const headSchema = z.object({ format: z.literal('ricercar study'), version: z.int().min(1) });

/** A study as a file: plain JSON that says what it is and in which version, and the document as it is stored. */
const studyFileSchema = z.strictObject({
	format: z.literal('ricercar study'),
	version: z.int().min(1).max(FORMAT),
	document: studyDocumentSchema
});

/**
 * Longer files are refused unread. A document that can be saved takes 2 MB at most, and a file of it, with the line breaks and tabs
 * that make it readable, a few times that.
 */
export const LONGEST_STUDY_FILE = 20_000_000;

export function writeStudyFile(document: StudyDocument): string {
	return `${JSON.stringify({ format: 'ricercar study', version: FORMAT, document }, null, '\t')}\n`;
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
	const head = headSchema.safeParse(content);
	if (head.success && head.data.version > FORMAT)
		throw new Problem(
			'file',
			`It was made by a newer version of Ricercar: it has format ${head.data.version}, this version reads formats up to ${FORMAT}.`,
			'the newer version, or a study of this one'
		);
	const result = studyFileSchema.safeParse(content);
	if (result.success) return result.data.document;
	throw new Problem('file', sayIssue(result.error, 'its beginning'), EXPECTED);
}
