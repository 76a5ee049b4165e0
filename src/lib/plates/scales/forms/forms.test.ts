import { describe, expect, it } from 'vitest';
import { nestSchema } from '../look';
import { usualNest } from './nested';
import { FORMS } from '../look';
import { layOutScales } from '../layout';
import { FORM_PLACES } from './forms';

const BOX = { x: 176, y: 80, width: 590, height: 240 };
const COUNTS = [2, 3, 7, 12, 25, 50];

describe('forms of a scale', () => {
	it.each(FORMS)(
		'%s: every step has a place of its own, inside the box, with a mark that does not lie on it',
		(form) => {
			for (const count of COUNTS) {
				const { steps, room } = FORM_PLACES[form](count, BOX);
				expect(steps).toHaveLength(count);
				expect(room).toBeGreaterThan(0);
				for (const { box } of steps) {
					expect(box.width).toBeGreaterThan(0.5);
					expect(box.height).toBeGreaterThan(0.5);
					expect(box.x).toBeGreaterThanOrEqual(BOX.x - 1e-6);
					expect(box.y).toBeGreaterThanOrEqual(BOX.y - 1e-6);
					expect(box.x + box.width).toBeLessThanOrEqual(BOX.x + BOX.width + 1e-6);
					expect(box.y + box.height).toBeLessThanOrEqual(BOX.y + BOX.height + 1e-6);
				}
				const places = steps.map(({ box }) => `${box.x.toFixed(3)} ${box.y.toFixed(3)} ${box.width.toFixed(3)}`);
				expect(new Set(places).size).toBe(count);
			}
		}
	);

	it('bars touch; bars with gaps do not; both fill the row from end to end', () => {
		for (const count of COUNTS)
			for (const [form, touches] of [
				['bars', true],
				['gaps', false]
			] as const) {
				const { steps } = FORM_PLACES[form](count, BOX);
				const last = steps.at(-1)!.box;
				expect(steps[0]!.box.x).toBeCloseTo(BOX.x, 9);
				expect(last.x + last.width).toBeCloseTo(BOX.x + BOX.width, 6);
				steps.slice(1).forEach(({ box }, i) => {
					const before = steps[i]!.box;
					const gap = box.x - before.x - before.width;
					expect(Math.abs(gap) < 1e-9).toBe(touches);
				});
			}
	});

	it('rising blocks rise by equal amounts and stand on one line', () => {
		const { steps } = FORM_PLACES.blocks(9, BOX);
		const rises = steps.slice(1).map(({ box }, i) => box.height - steps[i]!.box.height);
		for (const rise of rises) expect(rise).toBeCloseTo(rises[0]!, 9);
		for (const { box } of steps) expect(box.y + box.height).toBeCloseTo(BOX.y + BOX.height, 9);
	});

	it('figures in each other share one middle, and each shows an equal margin of the one before', () => {
		for (const form of ['squares', 'circles'] as const) {
			const { steps } = FORM_PLACES[form](8, BOX);
			const margins = steps.slice(1).map(({ box }, i) => (steps[i]!.box.width - box.width) / 2);
			for (const margin of margins) expect(margin).toBeCloseTo(margins[0]!, 9);
			for (const { box } of steps) {
				expect(box.x + box.width / 2).toBeCloseTo(BOX.x + BOX.width / 2, 9);
				expect(box.y + box.height / 2).toBeCloseTo(BOX.y + BOX.height / 2, 9);
			}
		}
	});

	it('figures in each other run from the largest to the smallest that are set, in equal steps', () => {
		const nest = { least: 0.3, most: 0.9, second: null };
		for (const form of ['squares', 'circles'] as const) {
			const sides = FORM_PLACES[form](7, BOX, nest).steps.map(({ box }) => box.width);
			expect(sides[0]).toBeCloseTo(0.9 * BOX.height, 6);
			expect(sides.at(-1)).toBeCloseTo(0.3 * BOX.height, 6);
			const falls = sides.slice(1).map((side, i) => sides[i]! - side);
			for (const fall of falls) expect(fall).toBeCloseTo(falls[0]!, 9);
		}
		// Left to itself it is what it was before sizes could be set.
		expect(FORM_PLACES.squares(8, BOX, usualNest(8))).toEqual(FORM_PLACES.squares(8, BOX));
	});

	it('a second set is every other figure, shifted, as a frame that leaves the inner one out, inside the box', () => {
		for (const form of ['squares', 'circles'] as const) {
			const { steps, second } = FORM_PLACES[form](7, BOX, { least: 0.2, most: 1, second: 0.5 });
			expect(second!.map(({ step }) => step)).toEqual([5, 3, 1]);
			const outer = steps[1]!.box;
			const [x] = /^M([\d.]+)/.exec(second![0]!.path)!.slice(1).map(Number);
			expect(x).toBeCloseTo(outer.x + steps[0]!.box.width * 0.5, 2);
			for (const { path } of second!) expect(path.match(/M/g)).toHaveLength(2);
			expect(steps[0]!.box.x).toBeGreaterThanOrEqual(BOX.x);
			expect(steps[0]!.box.x + 1.5 * steps[0]!.box.width).toBeLessThanOrEqual(BOX.x + BOX.width + 1e-6);
		}
		expect(nestSchema.safeParse({ least: 0.6, most: 0.5, second: null }).success).toBe(false);
	});

	it('a column runs from the top of its box to the bottom, its bars of one size and touching', () => {
		for (const count of COUNTS) {
			const { steps } = FORM_PLACES.column(count, BOX);
			expect(steps[0]!.box.y).toBeCloseTo(BOX.y, 9);
			const last = steps.at(-1)!.box;
			expect(last.y + last.height).toBeCloseTo(BOX.y + BOX.height, 6);
			steps.slice(1).forEach(({ box }, i) => expect(box.y).toBeCloseTo(steps[i]!.box.y + steps[i]!.box.height, 6));
			expect(new Set(steps.map(({ box }) => `${box.x} ${box.width}`)).size).toBe(1);
		}
	});

	it('squares turn into circles: no rounding at the first, half the side at the last', () => {
		const { steps } = FORM_PLACES.changing(5, BOX);
		const radii = steps.map(({ outline }) =>
			Number(/a([\d.]+) /.exec(outline.kind === 'path' ? outline.path : '')?.[1])
		);
		expect(radii[0]).toBe(0);
		expect(radii.at(-1)).toBeCloseTo(steps[0]!.box.width / 2, 2);
		radii.slice(1).forEach((radius, i) => expect(radius).toBeGreaterThan(radii[i]!));
	});

	it('a ring closes: the places to click are equal sectors that go once round', () => {
		for (const count of COUNTS) {
			const { steps } = FORM_PLACES.ring(count, BOX);
			const [cx, cy] = [BOX.x + BOX.width / 2, BOX.y + BOX.height / 2];
			const angles = steps.map(({ box, reach }) => {
				const [x, y] = reach![0]!;
				return Math.atan2(box.x + x * box.width - cx, cy - box.y - y * box.height);
			});
			angles.forEach((angle, i) => {
				const expected = (2 * Math.PI * i) / count;
				expect(Math.cos(angle - expected)).toBeCloseTo(1, 6);
			});
		}
	});
});

describe('rows of different forms on one plate', () => {
	it('follow each other without overlap, tall forms take more, and the plate grows where they need it', () => {
		const look = (form: (typeof FORMS)[number]) =>
			({ form, label: 'value', size: 'large', turned: false, gradation: true }) as const;
		const shapes = FORMS.map((form) => ({ inAll: 9, look: look(form) }));
		const { rows, height } = layOutScales(shapes, true);
		rows.slice(1).forEach((row, i) => expect(row.y).toBeCloseTo(rows[i]!.y + rows[i]!.height, 9));
		expect(rows.at(-1)!.y + rows.at(-1)!.height).toBeLessThanOrEqual(height);
		expect(rows[FORMS.indexOf('ring')]!.height).toBeGreaterThan(rows[0]!.height);
		for (const { band, gradation, y, height: high } of rows) {
			expect(band.y).toBeGreaterThanOrEqual(y);
			expect(gradation!.y).toBeGreaterThan(band.y + band.height);
			expect(gradation!.y + gradation!.height).toBeLessThanOrEqual(y + high);
		}
	});
});
