import { type StudyEdit } from '../edits';
import { type BriefTerms } from './terms';

/** Changes what a brief asks, of a study that is set as one. */
export const changeTerms =
	(change: Partial<Omit<BriefTerms, 'id' | 'given'>>): StudyEdit =>
	(document) =>
		document.brief ? { ...document, brief: { ...document.brief, ...change } } : document;

/** Gives something that is decided on a plate, or leaves it open. */
export const give =
	(plate: string, key: string, given: boolean): StudyEdit =>
	(document) => {
		const { brief } = document;
		if (!brief) return document;
		const keys = brief.given.find((each) => each.plate === plate)?.keys.filter((each) => each !== key) ?? [];
		const next = given ? [...keys, key] : keys;
		const others = brief.given.filter((each) => each.plate !== plate);
		return { ...document, brief: { ...brief, given: next.length > 0 ? [...others, { plate, keys: next }] : others } };
	};

/** Notes that a study was handed in. */
export const noteHandIn =
	(id: string, at: string): StudyEdit =>
	(document) => ({ ...document, handedIn: [...(document.handedIn ?? []), { id, at }] });
