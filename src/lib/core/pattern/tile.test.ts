import { describe, expect, it } from 'vitest';
import { seeded } from '../seeded';
import { finderOf } from './finder';
import { layGrid, type GridKind } from './grid';
import { alikeBy, NO_SYMMETRY, type Symmetry } from './symmetry';
import { repeats, tileOf } from './tile';

const laid = (kind: GridKind) => layGrid({ kind, columns: 16, stretched: false }, 640, 520);
const REPEATING = ['square', 'brick', 'triangle-level', 'triangle-upright', 'hexagon', 'arcs'] as const;

describe('the tile of a design', () => {
	it.each(REPEATING)('%s: laid beside and under itself it goes on as the design does', (kind) => {
		const grid = laid(kind);
		const find = finderOf(grid);
		const next = seeded(3);
		let checked = 0;
		for (const [across, down] of [
			[2, 2],
			[4, 2],
			[3, 2],
			[2, 1],
			[4, 3]
		] as const) {
			const symmetry: Symmetry = { ...NO_SYMMETRY, across, down };
			const tile = tileOf(grid, symmetry);
			if (!tile) continue;
			const alike = alikeBy(grid, symmetry);
			const colourOf = new Map<readonly number[], number>();
			const content = alike.map((each) => {
				if (!colourOf.has(each)) colourOf.set(each, Math.floor(next() * 5));
				return colourOf.get(each)!;
			});
			expect(repeats(grid, content, symmetry)).toBe(true);
			// Wherever a point of the tile and the same point of the next tile lie on whole cells, they have one colour.
			const whole = (cell: number | null): cell is number =>
				cell !== null && grid.sides[cell]!.every(({ other }) => other !== null);
			for (let i = 0; i < 300; i++) {
				const [x, y] = [tile.x + next() * tile.width, tile.y + next() * tile.height];
				for (const [dx, dy] of [
					[tile.width, 0],
					[0, tile.height]
				] as const) {
					const [here, there] = [find([x, y]), find([x + dx, y + dy])];
					if (!whole(here) || !whole(there)) continue;
					expect(content[there], `${kind} ${across} ${down}`).toBe(content[here]);
					checked++;
				}
			}
		}
		expect(checked).toBeGreaterThan(300);
	});

	it('four columns and two rows of squares are as large as that; triangles with an odd repeat take two', () => {
		const squares = tileOf(laid('square'), { ...NO_SYMMETRY, across: 4, down: 2 })!;
		expect([squares.width, squares.height]).toEqual([160, 80]);
		const odd = tileOf(laid('brick'), { ...NO_SYMMETRY, across: 2, down: 1 })!;
		expect([odd.width, odd.height].map(Math.round)).toEqual([80, 80]);
	});

	it('there is none where nothing repeats, or only one way, or where a whole one has no room', () => {
		expect(tileOf(laid('square'), NO_SYMMETRY)).toBeNull();
		expect(tileOf(laid('square'), { ...NO_SYMMETRY, across: 4 })).toBeNull();
		expect(tileOf(laid('square'), { ...NO_SYMMETRY, across: 20, down: 2 })).toBeNull();
		expect(tileOf(laid('rings'), { ...NO_SYMMETRY, across: 4, down: 2 })).toBeNull();
	});

	it('a design that was laid without the repeat does not repeat', () => {
		const grid = laid('square');
		const symmetry: Symmetry = { ...NO_SYMMETRY, across: 4, down: 2 };
		expect(
			repeats(
				grid,
				grid.cells.map((_, i) => (i === 5 ? 1 : 0)),
				symmetry
			)
		).toBe(false);
		expect(
			repeats(
				grid,
				grid.cells.map(() => 0),
				symmetry
			)
		).toBe(true);
	});
});
