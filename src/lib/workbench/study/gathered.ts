/** Several of one sort: plates of the study, parts of one plate, or linked colours, by their ids. */
export interface Gathered {
	readonly what: 'plates' | 'parts' | 'colours';
	/** In the order in which they stand. */
	readonly ids: readonly string[];
	/** From which one a range goes on. */
	readonly from: string;
}

/** What keys were down while something was clicked. */
export interface GatheringKeys {
	readonly ctrlKey: boolean;
	readonly metaKey: boolean;
	readonly shiftKey: boolean;
}

/** Whether a click gathers, and does not only choose. */
export const gathers = ({ ctrlKey, metaKey, shiftKey }: GatheringKeys): boolean => ctrlKey || metaKey || shiftKey;

/**
 * What is gathered after one is clicked: Ctrl takes it in or leaves it out, Shift takes all from the last one to it, both take those
 * in beside what is gathered.
 * The one that was chosen is the first, where nothing was gathered.
 * @param among All that can be gathered, in the order in which they stand, and the one that was chosen before the click.
 */
export function gather(
	before: Gathered | null,
	{ what, all, chosen }: { what: Gathered['what']; all: readonly string[]; chosen: string | null },
	id: string,
	keys: GatheringKeys
): Gathered | null {
	if (!gathers(keys)) return null;
	const has = before?.what === what ? before : null;
	const kept = has?.ids ?? (chosen === null || chosen === id ? [] : [chosen]);
	const from = has?.from ?? chosen ?? id;
	const adds = keys.ctrlKey || keys.metaKey;
	const taken = keys.shiftKey
		? [...(adds ? kept : []), ...between(all, from, id)]
		: kept.includes(id)
			? kept.filter((each) => each !== id)
			: [...kept, id];
	const ids = all.filter((each) => taken.includes(each));
	return ids.length === 0 ? null : { what, ids, from: keys.shiftKey ? from : id };
}

function between(all: readonly string[], one: string, other: string): readonly string[] {
	const ends = [all.indexOf(one), all.indexOf(other)];
	return all.slice(Math.min(...ends), Math.max(...ends) + 1);
}
