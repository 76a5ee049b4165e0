/** Who waits for a turn, with what to do then; asking again only replaces that. */
const waiting = new Map<string, () => void>();
let called = false;
/** Milliseconds after which a piece of work is done although the browser is busy. */
const LONGEST_WAIT = 400;

function next(): void {
	called = false;
	const [first] = waiting;
	if (!first) return;
	waiting.delete(first[0]);
	first[1]();
	call();
}

function call(): void {
	if (called || waiting.size === 0) return;
	called = true;
	// Not every browser says when it is idle.
	if ('requestIdleCallback' in globalThis) requestIdleCallback(next, { timeout: LONGEST_WAIT });
	else setTimeout(next, LONGEST_WAIT / 10);
}

/**
 * Does work when the browser has time for it, one piece after the other: so many small pictures follow a turning dial
 * without any frame being asked to redraw them all. Of work under one name only the latest is done.
 */
export function inTurn(name: string, work: () => void): void {
	waiting.set(name, work);
	call();
}
