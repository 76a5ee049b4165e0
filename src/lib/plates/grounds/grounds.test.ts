import { describe, expect, it } from 'vitest';
import { differenceCiede2000 } from 'culori';
import { looksOn } from '$lib/core/ground/on-ground';
import { decodeSrgb } from '$lib/core/colour/srgb';
import { GROUND_EXERCISES, groundsPlateSchema, type GroundsPlate } from './schema';
import { FIGURE_FORMS } from '$lib/drawing/figure';
import { drawingToSvg } from '$lib/drawing/svg';
import { revealsOf } from '$lib/plates/draw-plate';
import { drawGrounds } from './draw-grounds';
import { groundPlaces } from './grounds-layout';
import { PLATE_HEIGHT, PLATE_WIDTH } from '$lib/drawing/plate-size';
import { groundsOf } from './grounds-of';

const plate = (change: Partial<GroundsPlate> = {}): GroundsPlate =>
	groundsPlateSchema.parse({
		id: 'grounds00001',
		kind: 'grounds',
		title: 'Grounds',
		exercise: 'one-as-two',
		grounds: [{ text: '#b3392b' }, { text: '#2f5f86' }],
		figures: [{ text: '#9a8f7d' }, { text: '#9a8f7d' }],
		form: 'squares',
		size: 0.3,
		influence: -0.3,
		predicted: true,
		strip: true,
		cover: false,
		solved: true,
		row: 'values',
		count: 7,
		palette: null,
		line: 3,
		...change
	});
const linearOf = (hex: string) =>
	decodeSrgb([1, 3, 5].map((at) => parseInt(hex.slice(at, at + 2), 16) / 255) as [number, number, number]);
const svgOf = (given: GroundsPlate): string => drawingToSvg(drawGrounds(given, [], true));
const count = (svg: string, hex: string): number => svg.split(`fill="${hex}"`).length - 1;

describe('figures on grounds', () => {
	it('one as two: both figures and the proof strip are one code to the letter, and a cover leaves only them', () => {
		expect(count(svgOf(plate()), '#9a8f7d')).toBe(3);
		expect(count(svgOf(plate({ strip: false })), '#9a8f7d')).toBe(2);
		const covered = svgOf(plate({ cover: true, predicted: false, solved: false, strip: false }));
		expect(count(covered, '#9a8f7d')).toBe(2);
		expect(count(covered, '#b3392b') + count(covered, '#2f5f86')).toBe(0);
	});

	it('two as one: the solution looks on its ground as the first does on its own, within half a ΔE00 (the forward model)', () => {
		for (const [figure, one, other] of [
			['#9a8f7d', '#b3392b', '#2f5f86'],
			['#7a8a6c', '#333333', '#dddddd'],
			['#b59a6a', '#d9b036', '#5a4632']
		] as const) {
			const given = plate({
				exercise: 'two-as-one',
				grounds: [{ text: one }, { text: other }],
				figures: [{ text: figure }, { text: figure }]
			});
			const { solution } = groundsOf(given, []);
			if (!solution!.fits) continue;
			const first = looksOn(linearOf(figure), linearOf(one), -0.3);
			const second = looksOn(linearOf(solution!.hex), linearOf(other), -0.3);
			expect(Math.abs(first.J - second.J)).toBeLessThan(0.5);
			expect(Math.abs(first.C - second.C)).toBeLessThan(0.8);
			const solved = groundsOf({ ...given, figures: [{ text: figure }, { text: solution!.hex }] }, []);
			expect(differenceCiede2000()(solved.pair[0].looks.hex, solved.pair[1].looks.hex)).toBeLessThan(0.9);
			expect(solved.solution!.off).toBeLessThan(0.5);
		}
	});

	it('without influence nothing shifts, and a grey over a ladder of values seems to fall as its grounds rise', () => {
		const still = groundsOf(plate({ influence: 0 }), []);
		expect(still.pair.map(({ looks }) => looks.hex)).toEqual(['#9a8f7d', '#9a8f7d']);
		const ladder = groundsOf(plate({ exercise: 'rows', figures: [{ text: '#808080' }, { text: '#808080' }] }), []);
		const shifts = ladder.row.map(({ value }) => value);
		shifts.slice(1).forEach((shift, i) => expect(shift).toBeLessThan(shifts[i]! + 0.3));
		expect(shifts[0]).toBeGreaterThan(0);
		expect(shifts.at(-1)).toBeLessThan(0);
	});
});

describe('the plate', () => {
	it('holds everything that can be taken hold of, in every exercise and form, figures inside their grounds', () => {
		for (const exercise of GROUND_EXERCISES)
			for (const form of FIGURE_FORMS)
				for (const [size, groundForm] of [
					[0.08, 'fields'],
					[0.8, 'squares'],
					[0.5, 'circles']
				] as const) {
					const places = groundPlaces(plate({ exercise, form, size, groundForm, groundSize: 0.7 }));
					const grounds = places.filter(({ what }) => what === 'ground');
					for (const { what, box } of places) {
						expect(box.x).toBeGreaterThanOrEqual(0);
						expect(box.x + box.width).toBeLessThanOrEqual(PLATE_WIDTH);
						expect(box.y + box.height).toBeLessThanOrEqual(PLATE_HEIGHT);
						if (what === 'figure' && grounds.length > 0)
							expect(
								grounds.some(
									({ box: { x, y, width, height } }) =>
										box.x > x && box.y > y && box.x + box.width < x + width && box.y + box.height < y + height
								)
							).toBe(true);
					}
				}
	});

	it('proves that it is one colour between the lines: a strip of it runs through both patterns of each width', () => {
		const bars = (strip: boolean) =>
			drawGrounds(plate({ exercise: 'assimilation', strip }), [], true).shapes.filter((shape) => shape.kind === 'bar');
		const strips = bars(true).filter(({ height }) => !bars(false).some((other) => other.height === height));
		expect(strips).toHaveLength(3);
		for (const { x, y, width, height, fill } of strips) {
			expect(fill).toBe(bars(false)[0]!.fill);
			const behind = bars(false).filter(
				(field) => field.fill === fill && field.x <= x && field.x + field.width >= x + width
			);
			expect(behind).toHaveLength(2);
			expect(Math.min(...behind.map((field) => field.y))).toBe(y);
			expect(Math.max(...behind.map((field) => field.y + field.height))).toBe(y + height);
		}
	});

	it('is drawn in every exercise, and shown to a room with what is to be found out hidden first', () => {
		for (const exercise of GROUND_EXERCISES) {
			expect(svgOf(plate({ exercise }))).toContain('<svg');
			const reveals = revealsOf(plate({ exercise }));
			expect(reveals.length).toBeGreaterThanOrEqual(1);
			if (reveals.length > 1)
				expect(reveals[0]!.plate).toMatchObject({ predicted: false, strip: false, cover: false, solved: false });
		}
		expect(revealsOf(plate()).map(({ says }) => says)).toHaveLength(4);
		expect(revealsOf(plate({ exercise: 'assimilation' })).at(-1)!.plate).toMatchObject({ strip: true });
		expect(revealsOf(plate({ exercise: 'two-as-one' })).at(-1)!.plate).toMatchObject({ solved: true });
	});
});
