import { createStore, del, get, set, type UseStore } from 'idb-keyval';
import { type StudyDocument } from '$lib/study/study';

/** A save that is under way: its name and what it saves. */
export interface Attempt {
	readonly saveId: string;
	readonly document: StudyDocument;
}

/** Edits that are not on the server yet, as the browser keeps them over a reload. */
export interface Draft {
	/** The revision of the study that they were made from. */
	readonly revision: number;
	readonly document: StudyDocument;
	/** A save whose answer never came: it may have been kept, and is asked after again under its name. */
	readonly attempt: Attempt | null;
}

/** Keeps the draft of one study. Where the browser keeps nothing (a private window, a full disk), edits only live as long as the page. */
export interface Drafts {
	/** Gives whether it is kept. */
	keep(draft: Draft): Promise<boolean>;
	drop(): Promise<void>;
}

let opened: UseStore | null = null;
/** @throws where the browser has no database, or lets nobody at it, at once and not by a promise */
const store = (): UseStore => (opened ??= createStore('ricercar', 'drafts'));

/** Whether something was done with the browser's database; a failed opening is tried anew the next time. */
async function done(work: () => Promise<void>): Promise<boolean> {
	try {
		await work();
		return true;
	} catch {
		opened = null;
		return false;
	}
}

export const draftsOf = (id: string): Drafts => ({
	keep: (draft) => done(() => set(id, draft, store())),
	drop: async () => void (await done(() => del(id, store())))
});

/** The draft of a study that is still kept from before, or null. */
export async function readDraft(id: string): Promise<Draft | null> {
	try {
		return (await get<Draft>(id, store())) ?? null;
	} catch {
		return null;
	}
}
