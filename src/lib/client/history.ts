/** One edit that can be taken back: what it is called, and the state before and after it. */
export interface Entry<T> {
	readonly label: string;
	readonly before: T;
	readonly after: T;
	/** Edits of one act share a key and are taken back together. */
	readonly act: string | null;
}

export interface History<T> {
	readonly past: readonly Entry<T>[];
	readonly future: readonly Entry<T>[];
}

const MOST_ENTRIES = 300;

export const emptyHistory = <T>(): History<T> => ({ past: [], future: [] });

/** Notes an edit. One of the same act as the last is joined to it; what had been undone is forgotten. */
export function noted<T>({ past }: History<T>, entry: Entry<T>): History<T> {
	const last = past.at(-1);
	if (last && entry.act !== null && last.act === entry.act)
		return { past: [...past.slice(0, -1), { ...entry, before: last.before }], future: [] };
	return { past: [...past, entry].slice(-MOST_ENTRIES), future: [] };
}

/** One step back, with the state to show; null where there is none. */
export function undone<T>({ past, future }: History<T>): { history: History<T>; state: T } | null {
	const last = past.at(-1);
	return last ? { history: { past: past.slice(0, -1), future: [last, ...future] }, state: last.before } : null;
}

/** One step forward again. */
export function redone<T>({ past, future }: History<T>): { history: History<T>; state: T } | null {
	const [next, ...rest] = future;
	return next ? { history: { past: [...past, next], future: rest }, state: next.after } : null;
}

/**
 * What was reckoned of a state later, as if it had been part of it from the start: `after` stands for `before` wherever that is a state
 * of the history, so that it is no step of its own.
 */
export function settled<T>({ past, future }: History<T>, before: T, after: T): History<T> {
	const settle = (entry: Entry<T>): Entry<T> =>
		entry.before === before || entry.after === before
			? {
					...entry,
					before: entry.before === before ? after : entry.before,
					after: entry.after === before ? after : entry.after
				}
			: entry;
	return { past: past.map(settle), future: future.map(settle) };
}
