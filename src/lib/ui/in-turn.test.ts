import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';

/** A fresh queue for each test. Node.js has no idle callback, as some browsers have none. */
async function fresh() {
	vi.resetModules();
	return import('./in-turn');
}
const queue = async () => (await fresh()).inTurn;

beforeEach(() => vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout', 'performance', 'Date'] }));
afterEach(() => vi.useRealTimers());

/** Lets the clock go on, and what waits on it be done. */
const pass = (milliseconds: number) => vi.advanceTimersByTimeAsync(milliseconds);

describe('work that waits for its turn', () => {
	it('is not done at once; of one name only the latest is done, of two names each', async () => {
		const inTurn = await queue();
		const done: string[] = [];
		inTurn('chart', () => done.push('old chart'));
		inTurn('picture', () => done.push('picture'));
		inTurn('chart', () => done.push('chart'));
		expect(done).toEqual([]);
		await pass(500);
		expect([...done].sort()).toEqual(['chart', 'picture']);
	});

	it('is done no more often than some four times a second, however often it is asked for', async () => {
		const inTurn = await queue();
		let done = 0;
		for (let ask = 0; ask < 200; ask++) {
			inTurn('chart', () => done++);
			await pass(10);
		}
		// Two seconds.
		expect(done).toBeGreaterThan(5);
		expect(done).toBeLessThanOrEqual(9);
	});

	it('that takes long is done more rarely, but never so rarely that it would seem stuck', async () => {
		const counts: number[] = [];
		for (const takes of [1, 10, 100]) {
			const inTurn = await queue();
			let done = 0;
			for (let ask = 0; ask < 200; ask++) {
				inTurn('readings', () => {
					done++;
					vi.advanceTimersByTime(takes);
				});
				await pass(10);
			}
			counts.push(done);
		}
		expect(counts[0]).toBeGreaterThan(counts[1]!);
		for (const count of counts) expect(count).toBeGreaterThanOrEqual(3);
	});

	it('is done at once, and only once, when all is asked for, as before a press', async () => {
		const { inTurn, allNow } = await fresh();
		const done: string[] = [];
		inTurn('codes', () => done.push('old codes'));
		inTurn('codes', () => done.push('codes'));
		inTurn('chart', () => done.push('chart'));
		allNow();
		expect(done).toEqual(['codes', 'chart']);
		await pass(1000);
		expect(done).toHaveLength(2);
		inTurn('codes', () => done.push('later'));
		await pass(1000);
		expect(done.at(-1)).toBe('later');
	});

	it('is done again when it is asked for again after its rest', async () => {
		const inTurn = await queue();
		const done: number[] = [];
		inTurn('a', () => done.push(1));
		await pass(1000);
		inTurn('a', () => done.push(2));
		await pass(1000);
		expect(done).toEqual([1, 2]);
	});
});
