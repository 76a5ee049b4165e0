interface Task {
	readonly work: () => void;
	/** Milliseconds of the page's clock before which it is not done. */
	readonly due: number;
}

/** Who waits for a turn, with what to do then; asking again only replaces that. */
const waiting = new Map<string, Task>();
/** When each may be done again. */
const rested = new Map<string, number>();
let called = false;
/** Milliseconds after which a piece of work is done although the browser is busy. */
const LONGEST_WAIT = 400;
/** No piece of work is done again sooner: the eye does not read charts or small pictures faster while they change. */
const LEAST_PAUSE = 250;
/** What takes long is done more rarely, so that no piece takes more than a thirtieth of the time, up to a pause after which it would seem stuck. */
const REST = 30;
const LONGEST_PAUSE = 450;

function next(): void {
	called = false;
	const now = performance.now();
	const ready = [...waiting].find(([, { due }]) => due <= now);
	if (ready) {
		const [name, { work }] = ready;
		waiting.delete(name);
		rested.set(name, now + LEAST_PAUSE);
		work();
		// After what the work has changed on the page, which comes first among what waits.
		queueMicrotask(() => {
			const took = performance.now() - now;
			rested.set(name, now + Math.min(LONGEST_PAUSE, Math.max(LEAST_PAUSE, REST * took)));
		});
	}
	call();
}

function call(): void {
	if (called || waiting.size === 0) return;
	called = true;
	const soonest = Math.min(...[...waiting.values()].map(({ due }) => due)) - performance.now();
	if (soonest > 0) setTimeout(whenIdle, soonest);
	else whenIdle();
}

function whenIdle(): void {
	// Not every browser says when it is idle.
	if ('requestIdleCallback' in globalThis) requestIdleCallback(next, { timeout: LONGEST_WAIT });
	else setTimeout(next, LONGEST_WAIT / 10);
}

/** Does all that waits, at once: before a press is answered, so that what is pressed is what is now. */
export function allNow(): void {
	const tasks = [...waiting.values()];
	waiting.clear();
	for (const { work } of tasks) work();
}

/**
 * Does work when the browser has time for it, one piece after the other, and none too often: so charts and many small
 * pictures follow a turning dial without taking its frames. Of work under one name only the latest is done.
 */
export function inTurn(name: string, work: () => void): void {
	waiting.set(name, { work, due: rested.get(name) ?? 0 });
	call();
}
