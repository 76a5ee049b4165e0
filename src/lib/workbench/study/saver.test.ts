import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { newStudy } from '$lib/study/new-study';
import { type Draft } from '$lib/client/drafts';
import { type Study } from '$lib/study/study';
import { Saver } from './saver.svelte';

interface Sent {
	readonly revision: number;
	readonly saveId: string;
	readonly title: string;
}

const sent: Sent[] = [];
let answer: () => Promise<Response>;
let theirs: Study | null;
const start = newStudy('start', '');
const titled = (title: string) => ({ ...start, titleBlock: { ...start.titleBlock, title } });
const saved = (revision: number) =>
	Promise.resolve(new Response(JSON.stringify({ revision, changed: '2026-03-02T10:00:00.000Z' })));
const refused = (status: number) =>
	Promise.resolve(new Response(JSON.stringify({ status, code: 'x', title: 'No.', detail: 'Because.' }), { status }));

beforeEach(() => {
	vi.useFakeTimers();
	sent.length = 0;
	theirs = null;
	vi.stubGlobal('fetch', (_: string, { body }: { body?: string } = {}) => {
		// Asked for as it is on the server now.
		if (body === undefined)
			return theirs
				? Promise.resolve(new Response(JSON.stringify(theirs)))
				: Promise.reject(new TypeError('no answer'));
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

	it('a save that arrives while the window is left takes nothing from the browser: the page that comes may not have it yet', async () => {
		let kept: Draft | null = null;
		const drafts = {
			keep: (draft: Draft) => {
				kept = draft;
				return Promise.resolve(true);
			},
			drop: () => {
				kept = null;
				return Promise.resolve();
			}
		};
		const saver = new Saver('study0000001', 1, start, drafts);
		answer = () => saved(2);
		saver.note(titled('last'));
		saver.leave();
		await vi.advanceTimersByTimeAsync(100);
		expect(saver.isSafe).toBe(true);
		expect(kept).toMatchObject({ revision: 1, attempt: { saveId: sent[0]!.saveId } });
		// Who stays after all needs no draft.
		await vi.advanceTimersByTimeAsync(6000);
		expect(kept).toBeNull();
	});

	it('where a save is refused while a later edit waits, the later one is saved by itself', async () => {
		const saver = new Saver('study0000001', 1, start);
		let release: (response: Response) => void = () => {};
		answer = () => new Promise((done) => (release = done));
		saver.note(titled('too large'));
		await settle();
		saver.note(titled('smaller'));
		const no = await refused(413);
		answer = () => saved(2);
		release(no);
		await settle();
		expect(sent.map(({ revision, title }) => [revision, title])).toEqual([
			[1, 'too large'],
			[1, 'smaller']
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

describe('what could not be saved', () => {
	function withDrafts(revision = 1) {
		const kept: (Draft | null)[] = [];
		const drafts = {
			keep: (draft: Draft) => Promise.resolve(kept.push(draft) > 0),
			drop: () => Promise.resolve(void kept.push(null))
		};
		return { kept, saver: new Saver('study0000001', revision, start, drafts) };
	}
	const now = (document: typeof start, revision: number): Study => ({
		id: 'study0000001',
		revision,
		changed: '2026-03-02T10:00:00.000Z',
		document
	});

	it('is kept in the browser with every edit from the first failure on, and dropped when it is saved', async () => {
		const { kept, saver } = withDrafts();
		answer = () => Promise.reject(new TypeError('no answer'));
		saver.note(titled('one'));
		await settle();
		saver.note(titled('two'));
		expect(kept.at(-1)).toMatchObject({ revision: 1, document: { titleBlock: { title: 'two' } } });
		expect(kept.at(-1)!.attempt).toMatchObject({ saveId: sent[0]!.saveId, document: { titleBlock: { title: 'one' } } });
		answer = () => saved(sent.length);
		await vi.advanceTimersByTimeAsync(30_000);
		expect(saver.isSafe).toBe(true);
		expect(kept.at(-1)).toBeNull();
	});

	it('for want of space says so in the server’s words, and is tried again by itself', async () => {
		const { saver } = withDrafts();
		answer = () => refused(507);
		saver.note(titled('full'));
		await settle();
		expect(saver.state).toEqual({ kind: 'failing', reason: 'No. Because.' });
		answer = () => saved(2);
		await vi.advanceTimersByTimeAsync(5000);
		expect(saver.isSafe).toBe(true);
	});

	it('is taken up after a reload: first the save whose answer was lost, under its own name, then what came after it', async () => {
		const { saver } = withDrafts(2);
		const attempt = { saveId: 'save0000lost', document: titled('one') };
		answer = () => saved(sent.length + 1);
		saver.resume({ revision: 1, document: titled('two'), attempt });
		await vi.advanceTimersByTimeAsync(2000);
		expect(sent).toMatchObject([
			{ revision: 1, saveId: 'save0000lost', title: 'one' },
			{ revision: 2, title: 'two' }
		]);
		expect(saver.isSafe).toBe(true);
	});

	it('is no conflict where the server has just that already, whatever the order of its parts', async () => {
		const { kept, saver } = withDrafts(2);
		const mine = titled('mine');
		const { plates, linked, titleBlock } = mine;
		theirs = now({ plates, linked, titleBlock }, 3);
		answer = () => refused(409);
		saver.resume({ revision: 2, document: mine, attempt: null });
		await settle();
		expect([saver.state.kind, saver.revision]).toEqual(['saved', 3]);
		expect(kept.at(-1)).toBeNull();
	});

	it('is a conflict where the server has something else, and is kept', async () => {
		const { kept, saver } = withDrafts(2);
		theirs = now(titled('theirs'), 3);
		answer = () => refused(409);
		saver.resume({ revision: 2, document: titled('mine'), attempt: null });
		await settle();
		expect(saver.state.kind).toBe('stale');
		expect(kept.at(-1)).toMatchObject({ document: { titleBlock: { title: 'mine' } } });
	});
});
