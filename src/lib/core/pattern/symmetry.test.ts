import { describe, expect, it } from 'vitest';
import { layGrid, type GridKind } from './grid';
import { alikeBy, laidElsewhere, NO_SYMMETRY, symmetriesOf, type Symmetry } from './symmetry';

const laid = (kind: GridKind, columns: number, width = 360, height = 360) =>
	layGrid({ kind, columns, stretched: false }, width, height);
const classes = (alike: readonly (readonly number[])[]): number => new Set(alike.map((each) => each.join())).size;
const by = (part: Partial<Symmetry>): Symmetry => ({ ...NO_SYMMETRY, ...part });

describe('symmetries of a design', () => {
	/** The lemma of Burnside: as many classes as cells are left in place by a move in the mean over the group. */
	it('squares: as many classes as Burnside counts for turns of 4 and for turns with mirrors', () => {
		for (const n of [6, 12]) {
			const grid = laid('square', n);
			expect(classes(alikeBy(grid, by({ turns: 4 })))).toBe((n * n) / 4);
			expect(classes(alikeBy(grid, by({ turns: 2 })))).toBe((n * n) / 2);
			expect(classes(alikeBy(grid, by({ mirror: 'upright' })))).toBe((n * n) / 2);
			// Identity n², the two diagonals n each; all other moves of an even square leave nothing in place.
			expect(classes(alikeBy(grid, by({ turns: 4, mirror: 'both' })))).toBe((n * n + 2 * n) / 8);
		}
	});

	it('repeats: every so many columns and rows, as many classes as one repeat has cells', () => {
		const grid = laid('square', 12);
		expect(classes(alikeBy(grid, by({ across: 3 })))).toBe(3 * 12);
		expect(classes(alikeBy(grid, by({ across: 3, down: 4 })))).toBe(3 * 4);
		const alike = alikeBy(grid, by({ across: 4 }));
		expect(alike[0]).toEqual([0, 4, 8]);
		expect(alike[13]).toEqual([13, 17, 21]);
	});

	it('bricks, hexagons and triangles: an odd number of rows is shifted by half, as the grid is', () => {
		for (const kind of ['brick', 'hexagon', 'triangle-level', 'arcs'] as const) {
			const grid = laid(kind, 8);
			const alike = alikeBy(grid, by({ down: 1 }));
			const inner = alike.filter((each) => each.length > 1);
			expect(inner.length, kind).toBeGreaterThan(grid.cells.length / 2);
			for (const each of inner)
				for (const cell of each) expect(grid.cells[cell]!.area).toBeCloseTo(grid.cells[each[0]!]!.area, 6);
		}
	});

	it('triangles and hexagons turn by sixths about a middle: classes of six, and no larger', () => {
		for (const kind of ['triangle-level', 'triangle-upright', 'hexagon'] as const) {
			const grid = laid(kind, 9);
			const sizes = alikeBy(grid, by({ turns: 6 })).map((each) => each.length);
			expect(Math.max(...sizes), kind).toBe(6);
			expect(sizes.filter((size) => size === 6).length, kind).toBeGreaterThan(grid.cells.length / 2);
			expect(Math.max(...alikeBy(grid, by({ turns: 3 })).map((each) => each.length))).toBe(3);
		}
	});

	it('which a grid has: squares no thirds, triangles no quarters, bricks only halves', () => {
		expect(symmetriesOf(laid('square', 8)).turns).toEqual([1, 2, 4]);
		expect(symmetriesOf(laid('triangle-level', 8)).turns).toEqual([1, 2, 3, 6]);
		expect(symmetriesOf(laid('triangle-upright', 8)).turns).toEqual([1, 2, 3, 6]);
		expect(symmetriesOf(laid('hexagon', 8)).turns).toEqual([1, 2, 3, 6]);
		expect(symmetriesOf(laid('brick', 8)).turns).toEqual([1, 2]);
		expect(symmetriesOf(laid('rings', 12)).turns).toEqual([1, 2, 3, 4, 6]);
		expect(symmetriesOf(laid('arcs', 8))).toEqual({ turns: [1], mirrors: ['none', 'upright'] });
		const stretched = layGrid({ kind: 'triangle-level', columns: 8, stretched: true }, 360, 250);
		expect(symmetriesOf(stretched).turns).toEqual([1, 2]);
	});

	it('every class is the same whichever of its cells is asked for, and no cell is left out', () => {
		const grid = laid('hexagon', 10);
		const alike = alikeBy(grid, by({ across: 3, turns: 6, mirror: 'upright' }));
		alike.forEach((each, cell) => {
			expect(each).toContain(cell);
			for (const other of each) expect(alike[other]).toBe(each);
		});
	});

	it('a block is laid elsewhere, turned and mirrored; what finds no cell is null', () => {
		const grid = laid('square', 6);
		const move = { from: 7, to: 22, turns: 0, inWhole: 4, mirrored: false };
		expect(laidElsewhere(grid, [7, 8, 13], move)).toEqual([22, 23, 28]);
		expect(laidElsewhere(grid, [7, 8, 13], { ...move, turns: 1 })).toEqual([22, 28, 21]);
		expect(laidElsewhere(grid, [7, 8, 13], { ...move, mirrored: true })).toEqual([22, 21, 28]);
		expect(laidElsewhere(grid, [7, 8, 13], { ...move, to: 35 })).toEqual([35, null, null]);
		// A triangle that points up finds none that points down.
		const triangles = laid('triangle-level', 6);
		expect(laidElsewhere(triangles, [3], { ...move, from: 3, to: 4 })).toEqual([null]);
	});
});
