import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { afterPause } from './pause';

beforeEach(() => void vi.useFakeTimers());
afterEach(() => void vi.useRealTimers());

it('of what is typed quickly only the last is acted on, once; what comes later, again', () => {
	const done: string[] = [];
	const search = afterPause<string>((words) => done.push(words));
	for (const words of ['m', 'ma', 'mad']) {
		search(words);
		vi.advanceTimersByTime(200);
	}
	expect(done).toEqual([]);
	vi.advanceTimersByTime(60);
	expect(done).toEqual(['mad']);
	search('weld');
	vi.advanceTimersByTime(1000);
	expect(done).toEqual(['mad', 'weld']);
});
