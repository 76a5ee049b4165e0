import { average, differenceCiede2000, formatHex } from 'culori';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { numberToHex } from '$lib/core/colour/code-number';
import { type Shape } from '$lib/drawing/drawing';
import { barsOf } from '$lib/drawing/bars';
import { drawPlate } from '$lib/plates/draw-plate';
import { FIGURE_FORMS, outlineOf } from '$lib/drawing/figure';
import { PLATE_HEIGHT, PLATE_WIDTH } from '$lib/drawing/plate-size';
import { inEveryExercise } from '../../../../tests/support/extremes';
import { mixesPlate } from '../../../../tests/support/plates';
import { balance } from './exercises/balance/balance';
import { halving } from './exercises/halving/halving';
import { middle } from './exercises/middle/middle';
import { type Middle } from './exercises/middle/schema';
import { optical } from './exercises/optical/optical';
import { areaShares, OPTICAL_PATTERNS, patternIn } from './exercises/optical/pattern';
import { chainPlaces } from './exercises/overlap/chain';
import { crossingOf } from './exercises/overlap/crossing';
import { overlap, type Overlap } from './exercises/overlap/overlap';
import { ways } from './exercises/ways/ways';
import { mixExercises } from './exercises';
import { parentBoxes, partsAtSeam } from './parent-bar';
import { placesOn } from './places';
import { type MixesPlate } from './schema';

const difference = differenceCiede2000();

describe('the places on a plate of mixes', () => {
	it('lie on the plate in every exercise and form, with two to six parents', () => {
		for (let count = 2; count <= 6; count++)
			for (const form of FIGURE_FORMS) {
				const parents = Array.from({ length: count }, (_, i) => ({ colour: { text: '#b3392b' }, parts: i + 1 }));
				const all = inEveryExercise(mixesPlate(overlap, { form }, { parents })) as { plate: MixesPlate }[];
				expect(all).toHaveLength(6);
				for (const { plate } of all) {
					const places = placesOn(plate);
					expect(places.length).toBeGreaterThan(0);
					for (const { box } of places) {
						expect(Math.min(box.x, box.y, box.width, box.height)).toBeGreaterThan(0);
						expect(box.x + box.width).toBeLessThanOrEqual(PLATE_WIDTH);
						expect(box.y + box.height).toBeLessThanOrEqual(PLATE_HEIGHT);
					}
				}
			}
	});

	it('a seam dragged to where it stands changes nothing, and dragging it moves parts without making any', () => {
		const parts = fc.array(
			fc.integer({ min: 1, max: 60 }).map((n) => n / 10),
			{ minLength: 2, maxLength: 5 }
		);
		fc.assert(
			fc.property(parts, fc.nat(3), fc.double({ min: 0, max: 792, noNaN: true }), (all, s, x) => {
				const seam = s % (all.length - 1);
				const boxes = parentBoxes(all);
				const still = partsAtSeam(all, seam, boxes[seam + 1]!.x);
				// Parents keep a sliver, so a place is exact to a few tenths of a part.
				const [first, second] = partsAtSeam(all, seam, x);
				expect(first + second).toBeCloseTo(all[seam]! + all[seam + 1]!, 9);
				expect(Math.min(first, second)).toBeGreaterThanOrEqual(0);
				expect(Math.abs(still[0] - all[seam]!)).toBeLessThan(0.06 * (all[seam]! + all[seam + 1]!) + 0.11);
			}),
			{ seed: 17 }
		);
	});

	it('a crossing lies inside both of its figures', () => {
		const points = (path: string): [number, number][] =>
			[...path.matchAll(/[ML]([\d.]+) ([\d.]+)/g)].map(([, x, y]) => [Number(x), Number(y)]);
		for (const figure of FIGURE_FORMS)
			for (const count of [2, 3, 5]) {
				const { figures } = chainPlaces(count, figure);
				for (const [x, y] of points(crossingOf(figure, figures[0]!, figures[1]!)))
					for (const box of figures.slice(0, 2)) {
						expect(x).toBeGreaterThanOrEqual(box.x - 0.01);
						expect(x).toBeLessThanOrEqual(box.x + box.width + 0.01);
						expect(y).toBeGreaterThanOrEqual(box.y - 0.01);
						expect(y).toBeLessThanOrEqual(box.y + box.height + 0.01);
					}
				expect(outlineOf(figure, figures[0]!)).not.toBe(outlineOf(figure, figures[1]!));
			}
	});
});

const areaOf = (shapes: readonly Shape[], fill: string): number =>
	shapes
		.flatMap((shape) => (shape.kind === 'row' ? barsOf(shape) : shape))
		.reduce((sum, shape) => {
			if (!('fill' in shape) || shape.fill !== fill) return sum;
			if (shape.kind === 'bar') return sum + shape.width * shape.height;
			if (shape.kind !== 'area') return sum;
			// Circles, each of two arcs of one radius.
			const arcs = [...shape.path.matchAll(/a([\d.]+) /g)].map(([, radius]) => Number(radius));
			return sum + arcs.reduce((area, radius) => area + (Math.PI * radius * radius) / 2, 0);
		}, 0);

describe('the optical mix', () => {
	const codes = ['#b3392b', '#d9b036', '#2f5f86', '#8f9a5b', '#7a4a6b', '#e8e2d4'];
	const box = { x: 10, y: 10, width: 330, height: 330 };

	it('gives each colour the share of area that its flat mean is reckoned from, whatever the pattern and its grain', () => {
		for (const pattern of OPTICAL_PATTERNS)
			for (const grain of [2, 8, 31])
				for (let count = 2; count <= 6; count++) {
					const used = codes.slice(0, count);
					const shapes = patternIn(box, pattern, grain, used);
					const shares = areaShares(pattern, count);
					expect(shares.reduce((sum, share) => sum + share, 0)).toBeCloseTo(1, 9);
					// Dots lie over their ground: the others are measured.
					used.slice(pattern === 'dots' ? 1 : 0).forEach((code, i) => {
						const share = areaOf(shapes, code) / (330 * 330);
						expect(share).toBeCloseTo(shares[pattern === 'dots' ? i + 1 : i]!, 3);
					});
				}
	});

	it('lays dots beside each other, never over one another, up to six colours', () => {
		for (let count = 2; count <= 6; count++) {
			const dots = patternIn(box, 'dots', 24, codes.slice(0, count)).flatMap((shape) =>
				shape.kind === 'area'
					? [...shape.path.matchAll(/M([\d.]+) ([\d.]+)a([\d.]+) /g)].map(
							([, x, y, r]) => [Number(x) + Number(r), Number(y), Number(r)] as const
						)
					: []
			);
			expect(dots.length).toBeGreaterThan(count);
			for (const [i, [x, y, r]] of dots.entries()) {
				expect(Math.min(x - r - box.x, y - r - box.y, box.x + 330 - x - r, box.y + 330 - y - r)).toBeGreaterThan(-0.01);
				for (const [ox, oy] of dots.slice(i + 1)) expect(Math.hypot(x - ox, y - oy)).toBeGreaterThan(2 * r - 0.01);
			}
		}
	});

	it('the flat field is the mean of light of the colours (culori 4.0.2)', () => {
		const parents = codes.slice(0, 3).map((text) => ({ colour: { text }, parts: 1 }));
		const { hex } = mixExercises.on(optical, mixesPlate(optical, {}, { parents }), [])!.made.mean;
		expect(hex).toBe(formatHex(average([codes[0]!, codes[1]!, codes[2]!], 'lrgb')));
	});
});

const middleBy = (settings: Partial<Omit<Middle, 'name'>>) =>
	mixExercises.on(middle, mixesPlate(middle, settings), [])!.made;

describe('what an exercise makes of its parents', () => {
	it('the middle looks equally far from both, and a guess is as far off as another library says (culori 4.0.2)', () => {
		const middle = middleBy({ guess: { text: '#806070' } });
		expect(Math.abs(difference(middle.hex, '#b3392b') - difference(middle.hex, '#2f5f86'))).toBeLessThan(0.8);
		expect(middle.guess!.off).toBeCloseTo(difference('#806070', middle.middle.hex), 0);
		const leaning = middleBy({ lean: 0.5 });
		expect(leaning.toSecond).toBeLessThan(leaning.toFirst);
	});

	it('halving by OKLab gives the even shares of OKLab at every level (culori 4.0.2)', () => {
		const tree = mixExercises.on(halving, mixesPlate(halving, { levels: 4 }), [])!.made.tree;
		expect(tree.map((row) => row.length)).toEqual([3, 5, 9, 17]);
		for (const row of tree) row.forEach(({ hex }, i) => expect(row[i]!.hex).toBe(hex));
		const quarter = formatHex(average(['#b3392b', average(['#b3392b', '#2f5f86'], 'oklab')], 'oklab'));
		expect(difference(tree[1]![1]!.hex, quarter)).toBeLessThan(0.6);
	});

	it('a crossing by the slider reads as transparent, one set by hand beyond its parents does not', () => {
		const crossings = (settings: Partial<Omit<Overlap, 'name'>>) =>
			mixExercises.on(overlap, mixesPlate(overlap, settings), [])!.made.crossings;
		// Madder and woad have nearly one value, which does not help the eye; weld and woad do.
		for (const front of [-0.6, 0, 0.6]) {
			expect(crossings({ front })).toHaveLength(1);
			expect(crossings({ front })[0]!.verdict.transparency).toBe('may');
		}
		const apart = mixesPlate(
			overlap,
			{},
			{ parents: ['#d9b036', '#2f5f86'].map((text) => ({ colour: { text }, parts: 1 })) }
		);
		expect(mixExercises.on(overlap, apart, [])!.made.crossings[0]!.verdict.transparency).toBe('reads');
		const wrong = crossings({ crossings: [{ text: '#00ff66' }, null, null, null, null] });
		expect(wrong[0]!.verdict.transparency).toBe('does-not');
		const [first, second] = [-0.8, 0.8].map((front) => crossings({ front })[0]!);
		expect([first!.verdict.front, second!.verdict.front]).toEqual(['first', 'second']);
	});

	it('what is hidden until it is found is not drawn', () => {
		const hidden = mixesPlate(middle, { revealed: false, guess: { text: '#806070' } });
		const { hex } = mixExercises.on(middle, hidden, [])!.made;
		const fills = drawPlate(hidden, [], 'full').shapes.flatMap((shape) =>
			shape.kind === 'row' ? shape.codes.map(numberToHex) : 'fill' in shape ? [shape.fill] : []
		);
		expect(fills).not.toContain(hex);
		expect(fills).toContain('#806070');
	});
});

describe('a question before its answer', () => {
	const parents = ['#d9b036', '#2f5f86', '#b3392b'].map((text, i) => ({ colour: { text }, parts: i + 1 }));

	it('shows the parents, and less than the answer, in every exercise of mixes but the middle, which hides by itself', () => {
		for (const plate of [
			mixesPlate(ways, {}, { parents }),
			mixesPlate(halving, {}, { parents }),
			mixesPlate(overlap, {}, { parents }),
			mixesPlate(optical, {}, { parents }),
			mixesPlate(balance, { laid: 'bars' }, { parents }),
			mixesPlate(balance, { laid: 'blanket' }, { parents })
		]) {
			const asked = drawPlate(plate, [], 'question');
			const told = drawPlate(plate, [], 'full');
			expect(asked.shapes.length).toBeLessThan(told.shapes.length);
			const fills = asked.shapes.flatMap((shape) =>
				'fill' in shape ? [shape.fill] : shape.kind === 'row' ? shape.codes.map(numberToHex) : []
			);
			expect(fills).toContain('#d9b036');
			expect(fills).toContain('#2f5f86');
			expect(JSON.stringify(asked.shapes)).not.toMatch(/In balance|transparent|the mean of/);
		}
	});
});
