import { describe, expect, it } from 'vitest';
import { converter, differenceCiede2000 } from 'culori';
import { decodeSrgb } from '$lib/core/colour/srgb';
import { looksOn } from '$lib/core/ground/on-ground';
import { FIGURE_FORMS } from '$lib/drawing/figure';
import { PLATE_HEIGHT, PLATE_WIDTH } from '$lib/drawing/plate-size';
import { drawingToSvg } from '$lib/drawing/svg';
import { drawPlate, revealsOf } from '$lib/plates/draw-plate';
import { inEveryExercise } from '../../../../tests/support/extremes';
import { groundsPlate } from '../../../../tests/support/plates';
import { groundExercises } from './exercises';
import { afterImage } from './exercises/after-image/after-image';
import { assimilation } from './exercises/assimilation/assimilation';
import { edges } from './exercises/edges/edges';
import { judging as judgingExercise } from './exercises/judging/judging';
import { likeGround } from './exercises/like-ground/like-ground';
import { oneAsTwo } from './exercises/one-as-two/one-as-two';
import { rows } from './exercises/rows/rows';
import { twoAsOne } from './exercises/two-as-one/two-as-one';
import { placesOn } from './places';
import { type GroundsPlate } from './schema';

const linearOf = (hex: string) =>
	decodeSrgb([1, 3, 5].map((at) => parseInt(hex.slice(at, at + 2), 16) / 255) as [number, number, number]);
const svgOf = (given: GroundsPlate): string => drawingToSvg(drawPlate(given, [], 'full'));
const count = (svg: string, hex: string): number => svg.split(`fill="${hex}"`).length - 1;
const everyExercise = (plate: GroundsPlate) => inEveryExercise(plate) as { name: string; plate: GroundsPlate }[];

describe('figures on grounds', () => {
	it('one as two: both figures and the proof strip are one code to the letter, and a cover leaves only them', () => {
		const bare = { predicted: false, strip: false, cover: false };
		expect(count(svgOf(groundsPlate(oneAsTwo, { ...bare, strip: true })), '#9a8f7d')).toBe(3);
		expect(count(svgOf(groundsPlate(oneAsTwo, bare)), '#9a8f7d')).toBe(2);
		const covered = svgOf(groundsPlate(oneAsTwo, { ...bare, cover: true }));
		expect(count(covered, '#9a8f7d')).toBe(2);
		expect(count(covered, '#b3392b') + count(covered, '#2f5f86')).toBe(0);
	});

	it.each([
		['#9a8f7d', '#b3392b', '#2f5f86'],
		['#7a8a6c', '#333333', '#dddddd'],
		['#b59a6a', '#d9b036', '#5a4632']
	])(
		'two as one: the solution for %s on %s looks on %s as the first does on its own, within half a ΔE00 (the forward model)',
		(figure, one, other) => {
			const pair = (second: string) =>
				groundsPlate(
					twoAsOne,
					{},
					{ grounds: [{ text: one }, { text: other }], figures: [{ text: figure }, { text: second }] }
				);
			const solution = groundExercises.on(twoAsOne, pair(figure), [])!.made.solution();
			expect(solution.fits).toBe(true);
			const first = looksOn(linearOf(figure), linearOf(one));
			const second = looksOn(linearOf(solution.hex), linearOf(other));
			expect(Math.abs(first.J - second.J)).toBeLessThan(0.5);
			expect(Math.abs(first.C - second.C)).toBeLessThan(0.8);
			const solved = groundExercises.on(twoAsOne, pair(solution.hex), [])!.made;
			expect(differenceCiede2000()(solved.pair[0].looks.hex, solved.pair[1].looks.hex)).toBeLessThan(0.9);
			expect(solved.solution().off).toBeLessThan(0.5);
		}
	);

	it('without strength nothing shifts, and a grey over a ladder of values seems to fall as its grounds rise', () => {
		const still = groundExercises.on(
			oneAsTwo,
			groundsPlate(oneAsTwo, {}, { strengths: { value: 0, colour: 0 } }),
			[]
		)!.made;
		expect(still.pair.map(({ looks }) => looks.hex)).toEqual(['#9a8f7d', '#9a8f7d']);
		const grey = { text: '#808080' };
		const ladder = groundExercises.on(rows, groundsPlate(rows, {}, { figures: [grey, grey] }), [])!.made;
		const shifts = ladder.map(({ value }) => value);
		expect(shifts).toHaveLength(7);
		shifts.slice(1).forEach((shift, i) => expect(shift).toBeLessThan(shifts[i]! + 0.3));
		expect(shifts[0]).toBeGreaterThan(0);
		expect(shifts.at(-1)).toBeLessThan(0);
	});
});

describe('the plate', () => {
	it('holds everything that can be taken hold of, in every exercise and form, figures inside their grounds', () => {
		let figures = 0;
		for (const form of FIGURE_FORMS)
			for (const [size, groundForm] of [
				[0.08, 'fields'],
				[0.8, 'squares'],
				[0.5, 'circles']
			] as const)
				for (const { name, plate } of everyExercise(
					groundsPlate(oneAsTwo, {}, { form, size, groundForm, groundSize: 0.7 })
				)) {
					const places = placesOn(plate);
					const grounds = places.filter(({ what }) => what === 'ground');
					for (const { box } of places) {
						expect(box.x).toBeGreaterThanOrEqual(0);
						expect(box.x + box.width).toBeLessThanOrEqual(PLATE_WIDTH);
						expect(box.y + box.height).toBeLessThanOrEqual(PLATE_HEIGHT);
					}
					// Rows have no place for a ground: their grounds are a ladder, a ring or a palette.
					const onGrounds = grounds.length === 0 ? [] : places.filter(({ what }) => what === 'figure');
					for (const { box } of onGrounds) {
						figures++;
						const around = grounds.filter(
							({ box: { x, y, width, height } }) =>
								box.x > x && box.y > y && box.x + box.width < x + width && box.y + box.height < y + height
						);
						expect(around, name).toHaveLength(1);
					}
				}
		// Two each of three pairs and of assimilation, one of the after-image, twelve times.
		expect(figures).toBe(12 * 9);
	});

	it('proves that it is one colour between the lines: a strip of it runs through both patterns of each width', () => {
		const bars = (strip: boolean) =>
			drawPlate(groundsPlate(assimilation, { strip }), [], 'full').shapes.filter((shape) => shape.kind === 'bar');
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
});

describe('shown to a room', () => {
	const shown = (plate: GroundsPlate) => revealsOf(plate).map((reveal) => reveal.plate.exercise);

	it.each([
		['one as two', groundsPlate(oneAsTwo, { predicted: true, strip: true, cover: true }), 4],
		['two as one', groundsPlate(twoAsOne, { predicted: true, cover: true, solved: true }), 4],
		['like its ground', groundsPlate(likeGround, { predicted: true, strip: true, cover: true, solved: true }), 5],
		['rows', groundsPlate(rows, { predicted: true }), 2],
		['edges', groundsPlate(edges, { measured: true }), 2],
		['assimilation', groundsPlate(assimilation, { strip: true }), 2],
		['the after-image', groundsPlate(afterImage, { covered: true, predicted: true }), 3]
	])('%s hides first what is to be found out, and shows one thing more with each state', (_, plate, states) => {
		const hiddenFirst = shown(plate);
		expect(hiddenFirst).toHaveLength(states);
		const open = (settings: object): number => Object.values(settings).filter((value) => value === true).length;
		expect(open(hiddenFirst[0]!)).toBe(0);
		for (const settings of hiddenFirst.slice(1)) expect(open(settings)).toBeGreaterThan(0);
	});

	it('what has nothing to hide is shown as it is', () => {
		const judging = groundExercises.change(groundsPlate(oneAsTwo), 'judging');
		expect(revealsOf(judging)).toEqual([{ plate: judging, says: judging.title }]);
	});
});

describe('which is lighter, looked at again', () => {
	const judged = { series: 7, answers: [0, 1, 0] as (0 | 1)[] };
	const lab = converter('lab65');
	const wordsOf = (svg: string): string =>
		[...svg.matchAll(/<text[^>]*>([^<]*)</g)].map(([, said]) => said).join(' | ');

	it('an answered pair stands over its own greys, and the side that is said to be lighter is (L* of culori 4.0.2)', () => {
		for (const review of [0, 1, 2]) {
			const svg = svgOf(groundsPlate(judgingExercise, { ...judged, review }));
			const fillsOf = (height: number): string[] =>
				[...svg.matchAll(/<rect[^>]*>/g)]
					.filter(([bar]) => bar.includes(`height="${height}"`))
					.map(([bar]) => /fill="(#[0-9a-f]{6})"/.exec(bar)![1]!);
			const [[left, right], [leftGrey, rightGrey]] = [fillsOf(200), fillsOf(120)];
			const pair = [left!, right!].map((fill) => lab(fill)!.l);
			const greys = [leftGrey!, rightGrey!].map((fill) => lab(fill)!);
			greys.forEach(({ l, a, b }, i) => {
				expect(Math.abs(l - pair[i]!)).toBeLessThan(0.4);
				expect(Math.hypot(a, b)).toBeLessThan(0.05);
			});
			const said = /Pair (\d): the (left|right) one is lighter, by ([\d.]+) L\*; (you saw it|you took)/.exec(
				wordsOf(svg)
			)!;
			expect(Number(said[1])).toBe(review + 1);
			expect(said[2]).toBe(pair[0]! > pair[1]! ? 'left' : 'right');
			expect(Math.abs(Math.abs(pair[0]! - pair[1]!) - Number(said[3]))).toBeLessThan(0.8);
			const lighter = pair[0]! > pair[1]! ? 0 : 1;
			expect(said[4]).toBe(judged.answers[review] === lighter ? 'you saw it' : 'you took');
		}
	});

	it('a pair that has no answer yet is not shown with its own', () => {
		const open = svgOf(groundsPlate(judgingExercise, { ...judged, review: 9 }));
		expect(wordsOf(open)).toContain('Pair 4 of 12: which of the two is lighter?');
		expect(wordsOf(open)).not.toContain('is lighter, by');
	});
});
