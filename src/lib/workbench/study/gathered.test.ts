import { describe, expect, it } from 'vitest';
import { gather, type Gathered } from './gathered';

const keys = { ctrlKey: false, metaKey: false, shiftKey: false };
const ctrl = { ...keys, ctrlKey: true };
const shift = { ...keys, shiftKey: true };
const among = { what: 'plates', all: ['a', 'b', 'c', 'd', 'e'], chosen: 'b' } as const;
const idsAfter = (...clicks: [string, typeof keys][]): readonly string[] =>
	clicks.reduce<Gathered | null>((before, [id, how]) => gather(before, among, id, how), null)?.ids ?? [];

describe('gathering several (as lists of files do it: common practice, no source)', () => {
	it('takes one more in beside the chosen one with Ctrl, in the order in which they stand', () => {
		expect(idsAfter(['d', ctrl])).toEqual(['b', 'd']);
		expect(idsAfter(['d', ctrl], ['a', ctrl])).toEqual(['a', 'b', 'd']);
	});
	it('leaves one out with Ctrl, and is over when none is left', () => {
		expect(idsAfter(['d', ctrl], ['b', ctrl])).toEqual(['d']);
		expect(idsAfter(['b', ctrl])).toEqual(['b']);
		expect(idsAfter(['b', ctrl], ['b', ctrl])).toEqual([]);
	});
	it('takes a range with Shift, up and down, always from the same one', () => {
		expect(idsAfter(['d', shift])).toEqual(['b', 'c', 'd']);
		expect(idsAfter(['d', shift], ['a', shift])).toEqual(['a', 'b']);
		expect(idsAfter(['e', ctrl], ['c', shift])).toEqual(['c', 'd', 'e']);
	});
	it('takes a range in beside what is gathered with both', () => {
		expect(idsAfter(['d', ctrl], ['e', { ...ctrl, shiftKey: true }])).toEqual(['b', 'd', 'e']);
	});
	it('is over with a click alone, and begins anew with another sort', () => {
		expect(idsAfter(['d', ctrl], ['c', keys])).toEqual([]);
		const rows: Gathered = { what: 'parts', ids: ['c'], from: 'c' };
		expect(gather(rows, among, 'd', ctrl)?.ids).toEqual(['b', 'd']);
	});
	it('takes Cmd for Ctrl', () => expect(idsAfter(['d', { ...keys, metaKey: true }])).toEqual(['b', 'd']));
});
