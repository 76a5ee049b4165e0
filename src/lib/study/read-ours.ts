import { Problem } from '$lib/core/problem';
import { type Brief } from './brief/brief';
import { BRIEF_FORMAT } from './brief/brief-file';
import { type HandIn } from './handed/hand-in';
import { HAND_IN_FORMAT, readHandIn } from './handed/hand-in-file';
import { readReturned, RETURN_FORMAT, type Returned } from './handed/returned';
import { openOurs, readOurs, type Sealed } from './our-file';
import { type StudyDocument } from './study';
import { STUDY_FORMAT } from './study-file';

/** What a file of ours holds, whichever it is. */
export type Ours =
	| { readonly what: 'study'; readonly study: StudyDocument }
	| { readonly what: 'brief'; readonly brief: Brief }
	| ({ readonly what: 'hand-in' } & Sealed<HandIn>)
	| ({ readonly what: 'return' } & Sealed<Returned>);

const EXPECTED = 'a study, a brief, a hand-in or a return that was taken away here';

const READERS: Readonly<Record<string, (text: string) => Ours>> = {
	[STUDY_FORMAT.format]: (text) => ({ what: 'study', study: readOurs(text, STUDY_FORMAT) }),
	[BRIEF_FORMAT.format]: (text) => ({ what: 'brief', brief: readOurs(text, BRIEF_FORMAT) }),
	[HAND_IN_FORMAT.format]: (text) => ({ what: 'hand-in', ...readHandIn(text) }),
	[RETURN_FORMAT.format]: (text) => ({ what: 'return', ...readReturned(text) })
};

/** Any file of ours, told by what it says of itself. @throws Problem `file` */
export function readAnyOurs(text: string): Ours {
	const { head } = openOurs(text, EXPECTED);
	const read = Object.hasOwn(READERS, head.format) ? READERS[head.format] : undefined;
	if (!read) throw new Problem('file', `This is a file of the format “${head.format}”.`, EXPECTED);
	return read(text);
}
