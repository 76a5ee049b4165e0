import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { envelopeOf, type HandInLine } from '$lib/study/handed/requests';
import { type GivenBack } from '$lib/study/handed/returned';
import { BRIEF_OF_TESTS, smallHandIn } from '../../../tests/support/large-hand-in';
import { PinUp } from './pin-up.svelte';

const NOTHING: GivenBack = { notes: [], mark: '' };
const marked = (mark: string): GivenBack => ({ ...NOTHING, mark });
const line: HandInLine = {
	...envelopeOf({ content: smallHandIn('handinofnotes', 'Ines Marlow'), asWritten: true }),
	study: null,
	returned: null,
	revision: 3,
	seen: false,
	given: NOTHING
};

/** What was sent, with how to answer it. */
interface Asked {
	readonly body: unknown;
	readonly answer: (status: number, content: object) => void;
}
let asked: Asked[];
beforeEach(() => {
	asked = [];
	vi.stubGlobal(
		'fetch',
		(_: string, { body }: { body: string }) =>
			new Promise<Response>((done) =>
				asked.push({
					body: JSON.parse(body),
					answer: (status, content) => done(new Response(JSON.stringify(content), { status }))
				})
			)
	);
});
afterEach(() => vi.unstubAllGlobals());

const REFUSED = { status: 507, code: 'disk-full', title: 'No.', detail: 'Make room.' };
const wall = (): PinUp => new PinUp(BRIEF_OF_TESTS, { lines: [line], unreadable: [] }, { groups: [], revision: 1 });
const asks = (count: number): Promise<void> => vi.waitFor(() => expect(asked).toHaveLength(count));

it('a note that could not be kept goes from the page; the mark of before comes back', async () => {
	const pinned = wall();
	pinned.give(line.id, marked('good'));
	expect(pinned.lines[0]).toMatchObject({ given: { mark: 'good' }, seen: true });
	await asks(1);
	asked[0]!.answer(507, REFUSED);
	await pinned.settled();
	expect(pinned.lines[0]).toEqual(line);
});

it('a note that could not be kept takes nothing of what was written after it, which is kept over the same revision', async () => {
	const pinned = wall();
	pinned.give(line.id, marked('g'));
	pinned.give(line.id, marked('go'));
	await asks(1);
	asked[0]!.answer(507, REFUSED);
	await asks(2);
	expect(pinned.lines[0]!.given.mark).toBe('go');
	expect(asked[1]!.body).toMatchObject({ revision: 3, given: { mark: 'go' } });
	asked[1]!.answer(200, { revision: 4 });
	await pinned.settled();
	expect(pinned.lines[0]).toMatchObject({ given: { mark: 'go' }, seen: true, revision: 4 });
});

it('where what was written after it could not be kept either, what the server has comes back, not what it refused', async () => {
	const pinned = wall();
	pinned.give(line.id, marked('kept'));
	await asks(1);
	asked[0]!.answer(200, { revision: 4 });
	pinned.give(line.id, marked('first'));
	pinned.give(line.id, marked('second'));
	await asks(2);
	asked[1]!.answer(507, REFUSED);
	await asks(3);
	asked[2]!.answer(507, REFUSED);
	await pinned.settled();
	expect(pinned.lines[0]).toMatchObject({ given: { mark: 'kept' }, seen: true, revision: 4 });
});

it('groups that could not be kept take nothing of a group that was made after them', async () => {
	const { groups } = wall();
	groups.add(null);
	await asks(1);
	groups.add(null);
	expect(groups.all).toHaveLength(2);
	asked[0]!.answer(507, REFUSED);
	await asks(2);
	expect(groups.all).toHaveLength(2);
	asked[1]!.answer(507, REFUSED);
	await vi.waitFor(() => expect(groups.all).toHaveLength(0));
});
