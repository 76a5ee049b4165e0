import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { newStudy } from '$lib/model/new-study';
import { Saver } from './saver.svelte';

interface Sent {
	readonly revision: number;
	readonly saveId: string;
	readonly title: string;
}

const sent: Sent[] = [];
let answer: () => Promise<Response>;
const start = newStudy('start', '');
const titled = (title: string) => ({ ...start, titleBlock: { ...start.titleBlock, title } });
const saved = (revision: number) =>
	Promise.resolve(new Response(JSON.stringify({ revision, changed: '2026-03-02T10:00:00.000Z' })));
const refused = (status: number) =>
	Promise.resolve(new Response(JSON.stringify({ status, code: 'x', title: 'No.', detail: 'Because.' }), { status }));

beforeEach(() => {
	vi.useFakeTimers();
	sent.length = 0;
	vi.stubGlobal('fetch', (_: string, { body }: { body: string }) => {
		const { revision, saveId, document } = JSON.parse(body) as {
			revision: number;
			saveId: string;
			document: typeof start;
		};
		sent.push({ revision, saveId, title: document.titleBlock.title });
		return answer();
	});
});
afterEach(() => {
	vi.useRealTimers();
	vi.unstubAllGlobals();
});

const settle = () => vi.advanceTimersByTimeAsync(600);

describe('saving by itself', () => {
	it('sends the last of several quick edits once, with the revision it was made from', async () => {
		const saver = new Saver('study0000001', 4, start);
		answer = () => saved(5);
		for (const title of ['a', 'ab', 'abc']) saver.note(titled(title));
		expect(saver.isSafe).toBe(false);
		await settle();
		expect(sent).toMatchObject([{ revision: 4, title: 'abc' }]);
		expect([saver.state.kind, saver.revision]).toEqual(['saved', 5]);
	});

	it('an edit made while a save is under way goes out after it, on the new revision', async () => {
		const saver = new Saver('study0000001', 1, start);
		let release: (response: Response) => void = () => {};
		answer = () => new Promise((done) => (release = done));
		saver.note(titled('one'));
		await settle();
		saver.note(titled('two'));
		const first = await saved(2);
		answer = () => saved(3);
		release(first);
		await settle();
		expect(sent.map(({ revision, title }) => [revision, title])).toEqual([
			[1, 'one'],
			[2, 'two']
		]);
		expect(saver.isSafe).toBe(true);
	});

	it('what could not be sent is sent again under the same name until it is answered, and newer work after it', async () => {
		const saver = new Saver('study0000001', 1, start);
		answer = () => Promise.reject(new TypeError('no network'));
		saver.note(titled('one'));
		await settle();
		expect(saver.state.kind).toBe('unreachable');
		saver.note(titled('two'));
		answer = () => saved(sent.length);
		await vi.advanceTimersByTimeAsync(5000);
		expect(sent.map(({ title }) => title)).toEqual(['one', 'one', 'two']);
		expect(sent[0]!.saveId).toBe(sent[1]!.saveId);
		expect(sent[2]!.saveId).not.toBe(sent[1]!.saveId);
		expect(saver.isSafe).toBe(true);
	});

	it('a stale save stops and says so until the study is loaded afresh', async () => {
		const saver = new Saver('study0000001', 1, start);
		answer = () => refused(409);
		saver.note(titled('mine'));
		await settle();
		saver.note(titled('mine still'));
		await settle();
		expect(sent).toHaveLength(1);
		expect(saver.state.kind).toBe('stale');
		saver.restart(9, titled('theirs'));
		expect([saver.state.kind, saver.revision]).toEqual(['saved', 9]);
	});

	it('a refused save gives the reason, and the next edit tries again', async () => {
		const saver = new Saver('study0000001', 1, start);
		answer = () => refused(422);
		saver.note(titled('odd'));
		await settle();
		expect(saver.state).toEqual({ kind: 'refused', reason: 'No. Because.' });
		answer = () => saved(2);
		saver.note(titled('good'));
		await settle();
		expect(saver.isSafe).toBe(true);
	});

	it('an edit that was undone before it was sent leaves nothing to save', async () => {
		const saver = new Saver('study0000001', 1, start);
		saver.note(titled('oops'));
		saver.note(start);
		await settle();
		expect([sent.length, saver.state.kind]).toEqual([0, 'saved']);
	});
});
