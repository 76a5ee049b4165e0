import { type History } from '$lib/client/history';
import { isSameDocument, type StudyDocument } from '$lib/study/study';

/** A study as it was left in this window, with all that can be taken back. */
export interface Left {
	readonly document: StudyDocument;
	readonly history: History<StudyDocument>;
}

/** By study, for as long as the window lives; those left last at the end. */
const left = new Map<string, Left>();
const MOST = 12;

export function leave(id: string, state: Left): void {
	left.delete(id);
	left.set(id, state);
	if (left.size > MOST) left.delete(left.keys().next().value!);
}

/** What can be taken back of a study that is opened again, where it is still what it was when it was left. */
export function comeBack(id: string, document: StudyDocument): Left | null {
	const found = left.get(id);
	return found && isSameDocument(found.document, document) ? found : null;
}
