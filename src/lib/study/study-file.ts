import { readOurs, writeOurs, type OurFormat } from './our-file';
import { studyDocumentSchema, type StudyDocument } from './study';

/**
 * A study as a file. In the first version plates had no exercise of their own shape; in the second nobody could write on their work,
 * and every plate was white; in the third there were no pictures, in the fourth no briefs. Today's schema reads them all.
 */
export const STUDY_FORMAT: OurFormat<'document', StudyDocument> = {
	format: 'ricercar study',
	version: 5,
	field: 'document',
	schema: studyDocumentSchema,
	expected: 'a study that was taken away as JSON'
};

export const writeStudyFile = (document: StudyDocument): string => writeOurs(STUDY_FORMAT, document);

/** @throws Problem `file` with the place in the file and what was expected there; nothing is half-read. */
export const readStudyFile = (text: string): StudyDocument => readOurs(text, STUDY_FORMAT);
