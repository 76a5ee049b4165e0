import { describe, expect, it } from 'vitest';
import { layBoxes, LIGHTS } from './boxes';
import { layGrid, type GridSpec } from './grid';
import { solidsOf } from './solids';

const specOf = (kind: 'triangle-level' | 'triangle-upright', columns = 12): GridSpec => ({
	kind,
	columns,
	stretched: false
});
const KINDS = ['triangle-level', 'triangle-upright'] as const;

/** Facts of the trade (common practice, no source): three values on three faces make a solid, each edge between two values. */
describe('boxes on a triangular grid', () => {
	it.each(KINDS)('%s: whole boxes are six triangles, two to a face, each face a lozenge', (kind) => {
		const spec = specOf(kind);
		const grid = layGrid(spec, 400, 300);
		const solids = solidsOf(spec, grid);
		const boxes = new Map<string, number[]>();
		solids.forEach(({ box }, cell) => boxes.set(box.join(), [...(boxes.get(box.join()) ?? []), cell]));
		const whole = [...boxes.values()].filter(
			(cells) =>
				cells.length === 6 &&
				cells.every((cell) => grid.sides[cell]!.length === 3 && grid.cells[cell]!.outline.length === 3)
		);
		expect(whole.length).toBeGreaterThan(10);
		let checked = 0;
		for (const cells of whole)
			for (const face of [0, 1, 2]) {
				const pair = cells.filter((cell) => solids[cell]!.face === face);
				if (pair.length !== 2) continue;
				expect(grid.neighbours[pair[0]!]).toContain(pair[1]);
				checked++;
			}
		expect(checked).toBe(3 * whole.length);
	});

	it('upright, the first face is at the top, the second to the lower right, the third to the lower left', () => {
		const spec = specOf('triangle-upright');
		const grid = layGrid(spec, 400, 300);
		const solids = solidsOf(spec, grid);
		const inner = solids.findIndex(
			(_, cell) => Math.hypot(grid.cells[cell]!.middle[0] - 200, grid.cells[cell]!.middle[1] - 150) < 25
		);
		const own = solids.flatMap(({ box }, cell) => (box.join() === solids[inner]!.box.join() ? [cell] : []));
		const middle = (cells: readonly number[], axis: 0 | 1): number =>
			cells.reduce((sum, cell) => sum + grid.cells[cell]!.middle[axis], 0) / cells.length;
		const [top, right, left] = [0, 1, 2].map((face) => own.filter((cell) => solids[cell]!.face === face)) as [
			number[],
			number[],
			number[]
		];
		expect(middle(top, 1)).toBeLessThan(middle(right, 1) - 5);
		expect(middle(right, 1)).toBeCloseTo(middle(left, 1), 5);
		expect(middle(right, 0)).toBeGreaterThan(middle(left, 0) + 5);
	});

	it.each(KINDS)('%s: no two faces that touch have one value, whatever the light', (kind) => {
		const spec = specOf(kind);
		const grid = layGrid(spec, 400, 300);
		const solids = solidsOf(spec, grid);
		for (let light = 0; light < LIGHTS; light++) {
			const laid = layBoxes(spec, grid, [0, 1, 2], null, { light, apart: false });
			grid.neighbours.forEach((beside, cell) =>
				beside.forEach((other) => {
					const one = solids[cell]!;
					const two = solids[other]!;
					const sameFace = one.face === two.face && one.box.join() === two.box.join();
					expect(laid[cell] === laid[other]).toBe(sameFace);
				})
			);
			// The lit face has the lightest.
			laid.forEach((colour, cell) => expect(colour === 0).toBe(solids[cell]!.face === light % 3));
		}
	});

	it('the six lights put the dark at either side of each lit face', () => {
		const spec = specOf('triangle-upright');
		const grid = layGrid(spec, 400, 300);
		const solids = solidsOf(spec, grid);
		const darkFace = (light: number): number =>
			solids[layBoxes(spec, grid, [0, 1, 2], null, { light, apart: false }).indexOf(2)]!.face;
		expect([0, 1, 2].map(darkFace)).toEqual([1, 2, 0]);
		expect([3, 4, 5].map(darkFace)).toEqual([2, 0, 1]);
	});

	it('the accent lies on the lit face of some boxes only', () => {
		const spec = specOf('triangle-upright');
		const grid = layGrid(spec, 400, 300);
		const laid = layBoxes(spec, grid, [0, 1, 2], 3, { light: 1, apart: false });
		const faces = new Set(solidsOf(spec, grid).flatMap(({ face }, cell) => (laid[cell] === 3 ? [face] : [])));
		expect([...faces]).toEqual([1]);
		const share = laid.filter((colour) => colour === 3).length / laid.length;
		expect(share).toBeGreaterThan(0.02);
		expect(share).toBeLessThan(0.12);
	});

	it.each(KINDS)('%s: apart, no box touches another, and each shadow lies beside a dark face', (kind) => {
		const spec = specOf(kind, 16);
		const grid = layGrid(spec, 500, 400);
		const laid = layBoxes(spec, grid, [0, 1, 2, 3, 4], null, { light: 0, apart: true });
		const solids = solidsOf(spec, grid);
		const isBox = (cell: number): boolean => laid[cell]! >= 1 && laid[cell]! <= 3;
		grid.neighbours.forEach((beside, cell) =>
			beside.forEach((other) => {
				if (isBox(cell) && isBox(other)) expect(solids[cell]!.box).toEqual(solids[other]!.box);
			})
		);
		const shadows = laid.flatMap((colour, cell) => (colour === 4 ? [cell] : []));
		expect(shadows.length).toBeGreaterThan(20);
		const cornersOf = (cell: number): number[] => grid.sides[cell]!.map(({ from }) => from);
		for (const cell of shadows) {
			const near = grid.cells.flatMap((_, other) =>
				cornersOf(other).some((corner) => cornersOf(cell).includes(corner)) ? [other] : []
			);
			expect(near.some((other) => laid[other] === 3)).toBe(true);
		}
	});

	it.each(KINDS)('%s: apart with only three colours, no face runs into its ground or its shadow', (kind) => {
		const spec = specOf(kind, 16);
		const grid = layGrid(spec, 500, 400);
		const solids = solidsOf(spec, grid);
		for (let light = 0; light < LIGHTS; light++) {
			const laid = layBoxes(spec, grid, [0, 1, 2], null, { light, apart: true });
			const isBox = (cell: number): boolean => solids[cell]!.box.every((place) => place % 2 === 0);
			let checked = 0;
			grid.neighbours.forEach((beside, cell) =>
				beside.forEach((other) => {
					if (!isBox(cell) || isBox(other)) return;
					expect(laid[cell]).not.toBe(laid[other]);
					checked++;
				})
			);
			expect(checked).toBeGreaterThan(50);
		}
	});
});
