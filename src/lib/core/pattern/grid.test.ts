import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { seeded } from '../seeded';
import { GRIDS, layGrid, type Grid, type GridKind, type GridSpec } from './grid';
import { finderOf } from './finder';
import { cellsAlong, layByRule, RULES, sameAround, sharesOf } from './lay';
import { areaOf, within } from './outline';
import { solidFaces } from './solids';

const spec = (kind: GridKind, columns = 8, stretched = true): GridSpec => ({
	kind,
	columns,
	stretched,
	bands: { across: [3, 1, 4, 1, 5], down: [2, 7, 1] }
});
const WHOLE = ['square', 'brick', 'triangle-level', 'triangle-upright', 'bands'] as const;
const area = ({ cells }: Grid): number => cells.reduce((sum, { outline }) => sum + areaOf(outline), 0);

describe('grids', () => {
	it.each(WHOLE)('%s: stretched, its cells cover the whole box, each point by one', (kind) => {
		fc.assert(
			fc.property(fc.integer({ min: 2, max: 24 }), fc.integer({ min: 60, max: 400 }), (columns, height) => {
				const grid = layGrid(spec(kind, columns), 300, height);
				expect(area(grid)).toBeCloseTo(300 * height, 4);
				const next = seeded(columns);
				for (let i = 0; i < 40; i++) {
					const point = [300 * next(), height * next()] as const;
					expect(grid.cells.filter(({ outline }) => within(outline, point))).toHaveLength(1);
				}
			}),
			{ seed: 3, numRuns: 25 }
		);
	});

	it.each(GRIDS)('%s: no cell lies over another, each goes clockwise, and has its middle in it', (kind) => {
		const grid = layGrid(spec(kind, 9, false), 360, 240);
		const next = seeded(7);
		for (let i = 0; i < 600; i++) {
			const point = [360 * next(), 240 * next()] as const;
			const over = grid.cells.filter(({ outline }) => within(outline, point));
			expect(over.length).toBeLessThanOrEqual(1);
			expect(finderOf(grid)(point)).toBe(over.length === 0 ? null : grid.cells.indexOf(over[0]!));
		}
		for (const { outline, middle } of grid.cells) {
			const turn = outline.reduce((sum, [x, y], i) => {
				const [nx, ny] = outline[(i + 1) % outline.length]!;
				return sum + x * ny - nx * y;
			}, 0);
			expect(turn).toBeGreaterThan(0);
			// A scale of a fish is cut out below, and its middle is in it all the same.
			expect(within(outline, middle)).toBe(true);
		}
	});

	it.each(GRIDS)('%s: corners, edges and cells are as many as Euler has them (V − E + F = 2)', (kind) => {
		const { cells } = layGrid(spec(kind, 6), 240, 200);
		const key = ([x, y]: readonly [number, number]): string =>
			`${x.toFixed(5)} ${y.toFixed(5)}`.replace(/-0\.00000/g, '0.00000');
		const corners = new Set(cells.flatMap(({ outline }) => outline.map(key)));
		const edges = new Set(
			cells.flatMap(({ outline }) =>
				outline.map((corner, i) => [key(corner), key(outline[(i + 1) % outline.length]!)].sort().join(' '))
			)
		);
		// The field outside is one face more.
		expect(corners.size - edges.size + cells.length + 1).toBe(2);
	});

	it('inner cells have as many neighbours as they have sides', () => {
		const most = (kind: GridKind): number =>
			Math.max(...layGrid(spec(kind, 12), 280, 280).neighbours.map(({ length }) => length));
		expect(
			['square', 'triangle-level', 'triangle-upright', 'hexagon', 'brick', 'rings'].map((kind) =>
				most(kind as GridKind)
			)
		).toEqual([4, 3, 3, 6, 6, 4]);
	});

	it('kept in their shape, triangles have equal sides and hexagons equal edges', () => {
		for (const kind of ['triangle-level', 'triangle-upright', 'hexagon'] as const) {
			const { cells } = layGrid(spec(kind, 6, false), 300, 300);
			const sides = cells
				.filter(({ outline }) => outline.length === (kind === 'hexagon' ? 6 : 3))
				.flatMap(({ outline }) =>
					outline.map(([x, y], i) =>
						Math.hypot(outline[(i + 1) % outline.length]![0] - x, outline[(i + 1) % outline.length]![1] - y)
					)
				);
			const whole = sides.filter((side) => side > Math.max(...sides) * 0.999);
			expect(whole.length).toBeGreaterThan(sides.length * 0.7);
		}
	});

	it('what cannot be laid is refused with what could be', () => {
		expect(() => layGrid(spec('square', 1), 100, 100)).toThrow('A grid of 1 columns cannot be laid.');
		expect(() => layGrid(spec('square', 2.5), 100, 100)).toThrow('2.5');
		for (const across of [[], [1, 0], [1, NaN], Array.from({ length: 61 }, () => 1)])
			expect(() => layGrid({ ...spec('bands'), bands: { across, down: [1] } }, 100, 100)).toThrow(
				'These bands cannot be laid.'
			);
	});
});

describe('colours laid over a grid', () => {
	it.each(RULES)('%s: every colour is used, and the same seed lays the same', (rule) => {
		for (const kind of GRIDS) {
			const grid = layGrid(spec(kind, 12), 300, 300);
			const laid = layByRule(grid, 3, rule, 5);
			expect(laid).toHaveLength(grid.cells.length);
			expect(new Set(laid), kind).toEqual(new Set([0, 1, 2]));
			expect(layByRule(grid, 3, rule, 5)).toEqual(laid);
		}
	});

	it('across, the colours go from left to right; from the middle, outwards', () => {
		const grid = layGrid(spec('triangle-level', 10), 300, 200);
		const laid = layByRule(grid, 5, 'across');
		grid.cells.forEach(({ middle }, i) =>
			grid.cells.forEach((other, k) => {
				if (middle[0] < other.middle[0] - 1e-6) expect(laid[i]!).toBeLessThanOrEqual(laid[k]!);
			})
		);
		const rings = layGrid(spec('rings', 24), 200, 200);
		expect(layByRule(rings, 6, 'from-middle')).toEqual(rings.cells.map((_, i) => 5 - Math.floor(i / 24)));
	});

	it('by random no two triangles that touch are alike, with as few as four colours', () => {
		const grid = layGrid(spec('triangle-level', 20), 300, 300);
		for (let seed = 1; seed < 20; seed++) {
			const laid = layByRule(grid, 4, 'random', seed);
			grid.neighbours.forEach((beside, i) => beside.forEach((other) => expect(laid[other]).not.toBe(laid[i])));
		}
	});

	it('a run is a straight line of cells that hang together, from the one to the other', () => {
		const grid = layGrid(spec('square', 10), 300, 300);
		expect(cellsAlong(grid, 30, 39)).toEqual([30, 31, 32, 33, 34, 35, 36, 37, 38, 39]);
		expect(cellsAlong(grid, 39, 30)).toEqual([39, 38, 37, 36, 35, 34, 33, 32, 31, 30]);
		const triangles = layGrid(spec('triangle-level', 10), 300, 300);
		const run = cellsAlong(triangles, 1, 19);
		run.slice(1).forEach((cell, i) => expect(triangles.neighbours[cell]).toContain(run[i]));
	});

	it('an area is what hangs together and has one content', () => {
		const grid = layGrid(spec('square', 4), 100, 100);
		const content = ['a', 'a', 'b', 'b', 'b', 'a', 'b', 'a', 'a', 'a', 'b', 'a', 'b', 'b', 'b', 'a'];
		expect(sameAround(grid, content, 0)).toEqual([0, 1, 5, 8, 9]);
		expect(sameAround(grid, content, 15)).toEqual([7, 11, 15]);
	});

	it('shares are areas of what is filled', () => {
		const grid = layGrid({ ...spec('bands'), bands: { across: [1, 3], down: [1] } }, 100, 50);
		expect([...sharesOf(grid, ['madder', 'weld'])]).toEqual([
			['madder', 0.25],
			['weld', 0.75]
		]);
		expect([...sharesOf(grid, [null, 'weld'])]).toEqual([['weld', 1]]);
	});
});

describe('solids on a triangular grid', () => {
	it.each(['triangle-level', 'triangle-upright'] as const)(
		'%s: each triangle makes one lozenge with one neighbour, and a box has three',
		(kind) => {
			const grid = layGrid(spec(kind, 9, false), 300, 300);
			const faces = solidFaces(spec(kind, 9, false), grid);
			const inner = grid.cells.flatMap(({ outline }, i) =>
				outline.length === 3 && grid.neighbours[i]!.length === 3 ? [i] : []
			);
			const deep = inner.filter((i) => grid.neighbours[i]!.every((other) => inner.includes(other)));
			expect(deep.length).toBeGreaterThan(40);
			for (const cell of deep) {
				const same = grid.neighbours[cell]!.filter((other) => faces[other] === faces[cell]);
				expect(same).toHaveLength(1);
				// The two others belong to the two other faces.
				expect(new Set([faces[cell], ...grid.neighbours[cell]!.map((other) => faces[other])]).size).toBe(3);
			}
		}
	);
});
