import { describe, expect, it } from 'vitest';
import { groupWallSchema, hungIn, inGroups, movedTo, type WallGroup } from './groups';

const groups: readonly WallGroup[] = [
	{ id: 'warmgroup', name: 'Warm', makers: ['holm perpetua', 'furrow anselm', 'away quite'] },
	{ id: 'coolgroup', name: 'Cool', makers: ['reed tobin'] }
];
const sheets = ['furrow anselm', 'holm perpetua', 'reed tobin', 'thaw inga'].map((id) => ({ id }));
const shown = new Set(sheets.map(({ id }) => id));
const makersOf = (all: readonly WallGroup[]) => all.map(({ makers }) => makers);

describe('the groups of a wall', () => {
	it('hang in the order in which they were hung, not in the order of the list; whoever is in none comes last', () => {
		expect(inGroups(sheets, groups).map((each) => each.sheets.map(({ id }) => id))).toEqual([
			['holm perpetua', 'furrow anselm'],
			['reed tobin'],
			['thaw inga']
		]);
	});

	it('nobody hangs twice, and nobody is lost: not who is away while others are moved', () => {
		const moved = hungIn(groups, 'coolgroup', ['furrow anselm', 'reed tobin'], shown);
		expect(makersOf(moved)).toEqual([
			['holm perpetua', 'away quite'],
			['furrow anselm', 'reed tobin']
		]);
		// The list from which it was taken tells what is left in it.
		expect(makersOf(hungIn(moved, 'warmgroup', ['holm perpetua'], shown))).toEqual(makersOf(moved));
		expect(makersOf(hungIn(moved, null, ['furrow anselm', 'thaw inga'], shown))).toEqual([
			['holm perpetua', 'away quite'],
			['reed tobin']
		]);
	});

	it('one is moved to the end of another group, or out of all', () => {
		expect(makersOf(movedTo(groups, 'holm perpetua', 'coolgroup'))).toEqual([
			['furrow anselm', 'away quite'],
			['reed tobin', 'holm perpetua']
		]);
		expect(makersOf(movedTo(groups, 'reed tobin', null))[1]).toEqual([]);
	});

	it('are kept as they are, under ids of their own', () => {
		expect(groupWallSchema.parse({ revision: 0, groups }).groups).toEqual(groups);
		expect(groupWallSchema.safeParse({ revision: 0, groups: [groups[0], groups[0]] }).success).toBe(false);
		expect(groupWallSchema.safeParse({ revision: 1, groups: [{ ...groups[0], name: 'two\nlines' }] }).success).toBe(
			false
		);
	});
});
