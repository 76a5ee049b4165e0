import { expect } from 'vitest';
import { heldBy } from './memory';
import { type OwnServer } from './server';

/** What was seen while something was done to a server. */
export interface Watched<T> {
	readonly done: T;
	/** The most that it and its processes held, in megabytes. */
	readonly most: number;
	/** What others waited for the list of studies, in milliseconds. */
	readonly waits: readonly number[];
}

/** Does something while others ask a server for the list of studies, and watches what it holds. */
export async function watched<T>(server: OwnServer, work: () => Promise<T>): Promise<Watched<T>> {
	let [most, going] = [0, true];
	const waits: number[] = [];
	const watch = setInterval(() => (most = Math.max(most, heldBy(server.child.pid!))), 50);
	const others = (async () => {
		while (going) {
			const from = performance.now();
			expect((await fetch(`${server.url}/api/studies`)).status).toBe(200);
			waits.push(performance.now() - from);
			await new Promise((done) => setTimeout(done, 60));
		}
	})();
	try {
		return { done: await work(), most, waits };
	} finally {
		going = false;
		await others;
		clearInterval(watch);
	}
}
