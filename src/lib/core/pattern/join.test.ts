import polygonClipping, { type MultiPolygon } from 'polygon-clipping';
import { describe, expect, it } from 'vitest';
import { seeded } from '../seeded';
import { GRIDS, layGrid, type GridKind } from './grid';
import { common, joined } from './join';
import { type Outline } from './outline';

/** polygon-clipping 0.15.7 is the witness: another library by another method (Martinez, Rueda and Feito 2009), of another author. */
const areaOfRing = (ring: readonly (readonly [number, number])[]): number =>
	ring.reduce((sum, [x, y], i) => {
		const [nx, ny] = ring[(i + 1) % ring.length]!;
		return sum + (x * ny - nx * y) / 2;
	}, 0);
const witnessArea = (shapes: MultiPolygon): number =>
	shapes.reduce(
		(sum, rings) =>
			sum +
			rings.reduce((own, ring, i) => own + (i === 0 ? 1 : -1) * Math.abs(areaOfRing(ring as [number, number][])), 0),
		0
	);
const signed = (rings: readonly Outline[]): number => rings.reduce((sum, ring) => sum + areaOfRing(ring), 0);
/** It stumbles over corners that differ in the last digit: they are given as whole millionths, as they are joined. */
const millionths = (value: number): number => Math.round(value * 1e6) / 1e6;
const asPolygons = (outlines: readonly Outline[]): MultiPolygon =>
	outlines.map((outline) => [outline.map(([x, y]): [number, number] => [millionths(x), millionths(y)])]);

const bands = { across: [3, 1, 4, 1, 5, 2], down: [2, 7, 1, 3] };
const FILLINGS = 1000;

describe('outlines joined', () => {
	it(`of ${FILLINGS} random fillings: just the area that the witness has, without gap or overlap`, () => {
		const next = seeded(17);
		let compared = 0;
		for (let i = 0; i < FILLINGS; i++) {
			const kind = GRIDS[i % GRIDS.length] as GridKind;
			const columns = 2 + Math.floor(next() * 5);
			const { cells } = layGrid({ kind, columns, stretched: next() < 0.5, bands }, 120, 80);
			const colours = cells.map(() => Math.floor(next() * 3));
			const shapes = [0, 1].map((colour) =>
				cells.filter((_, cell) => colours[cell] === colour).map(({ outline }) => outline)
			);
			const [one, other] = shapes.map(joined) as [Outline[], Outline[]];
			for (const [k, outlines] of shapes.entries()) {
				if (outlines.length === 0) continue;
				const [first, ...rest] = asPolygons(outlines);
				const witness = witnessArea(polygonClipping.union(first!, ...rest.map((each) => [each])));
				const own = signed([one, other][k]!);
				expect(Math.abs(own - witness) / witness, `${kind} ${i}`).toBeLessThan(1e-6);
				compared++;
			}
			expect(Math.abs(signed(common(one, other)))).toBeLessThan(1e-6);
		}
		expect(compared).toBeGreaterThan(1.8 * FILLINGS);
	});

	it('whole grids become one outline, and corners on a straight line are left out', () => {
		const { cells } = layGrid({ kind: 'square', columns: 9, stretched: true }, 90, 60);
		const [outline, ...none] = joined(cells.map((cell) => cell.outline));
		expect(none).toEqual([]);
		expect(outline).toHaveLength(4);
		expect(Math.abs(areaOfRing(outline!))).toBeCloseTo(5400, 6);
	});

	it('a ring of cells is a shape with a hole that goes the other way round', () => {
		const { cells } = layGrid({ kind: 'square', columns: 3, stretched: false }, 30, 30);
		const rings = joined(cells.filter((_, i) => i !== 4).map((cell) => cell.outline));
		expect(rings.map((ring) => Math.sign(areaOfRing(ring))).sort()).toEqual([-1, 1]);
		expect(signed(rings)).toBeCloseTo(800, 6);
	});
});
