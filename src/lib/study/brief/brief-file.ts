import { writeOurs, type OurFormat } from '../our-file';
import { briefSchema, type Brief } from './brief';

/** A brief as a file, `….brief.json`. */
export const BRIEF_FORMAT: OurFormat<'brief', Brief> = {
	format: 'ricercar brief',
	version: 1,
	field: 'brief',
	schema: briefSchema,
	expected: 'a brief as it was handed out'
};

export const writeBriefFile = (brief: Brief): string => writeOurs(BRIEF_FORMAT, brief);
