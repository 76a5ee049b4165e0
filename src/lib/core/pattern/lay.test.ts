import { describe, expect, it } from 'vitest';
import { GRIDS, layGrid } from './grid';
import { alongDirection, cellsBetween, cellsOnLine, DIRECTIONS, nextCell } from './lay';
import { finderOf } from './finder';

const bands = { across: [3, 1, 4], down: [2, 7, 1] };
const laid = (kind: (typeof GRIDS)[number], columns = 8) =>
	layGrid({ kind, columns, stretched: false, bands }, 320, 240);

describe('going from cell to cell', () => {
	it('on squares the arrow keys go to the neighbour, and stop at the edge', () => {
		const grid = laid('square');
		expect(nextCell(grid, 9, [1, 0])).toBe(10);
		expect(nextCell(grid, 9, [-1, 0])).toBe(8);
		expect(nextCell(grid, 9, [0, 1])).toBe(17);
		expect(nextCell(grid, 9, [0, -1])).toBe(1);
		expect(nextCell(grid, 8, [-1, 0])).toBeNull();
		expect(nextCell(grid, 3, [0, -1])).toBeNull();
	});

	it.each(GRIDS)('%s: every cell is reached from the first by arrow keys alone', (kind) => {
		const grid = laid(kind);
		const reached = new Set([0]);
		for (const cell of reached)
			for (const direction of [
				[1, 0],
				[-1, 0],
				[0, 1],
				[0, -1]
			] as const) {
				const next = nextCell(grid, cell, direction);
				if (next !== null) reached.add(next);
			}
		expect(reached.size).toBe(grid.cells.length);
	});

	it('a run along a direction of the grid stays in one row of its cells', () => {
		for (const kind of ['triangle-level', 'triangle-upright', 'hexagon', 'square'] as const) {
			const grid = laid(kind, 10);
			const start = finderOf(grid)([160, 120])!;
			const from = grid.cells[start]!.middle;
			for (const degrees of DIRECTIONS[kind]) {
				const angle = ((degrees + 4) * Math.PI) / 180;
				const to = alongDirection(DIRECTIONS[kind], from, [
					from[0] + 90 * Math.cos(angle),
					from[1] + 90 * Math.sin(angle)
				]);
				const run = cellsOnLine(grid, from, to);
				expect(run[0]).toBe(start);
				expect(run.length, `${kind} ${degrees}`).toBeGreaterThan(2);
				run.slice(1).forEach((cell, i) => expect(grid.neighbours[cell], `${kind} ${degrees}`).toContain(run[i]));
				// All of it lies within one row: no middle is farther from the line than the first triangle reaches.
				const off = ([x, y]: readonly [number, number]): number =>
					Math.abs(
						(x - from[0]) * Math.sin((degrees * Math.PI) / 180) - (y - from[1]) * Math.cos((degrees * Math.PI) / 180)
					);
				const high = Math.sqrt(grid.cells[start]!.area);
				for (const cell of run) expect(off(grid.cells[cell]!.middle)).toBeLessThan(0.6 * high);
			}
		}
	});

	it('a block is what has its middle in the rectangle', () => {
		expect(cellsBetween(laid('square'), [45, 5], [115, 75])).toEqual([1, 2, 9, 10]);
		expect(cellsBetween(laid('square'), [115, 75], [45, 5])).toEqual([1, 2, 9, 10]);
		expect(cellsBetween(laid('square'), [1, 1], [3, 3])).toEqual([]);
	});
});
