import { differenceCiede2000, converter } from 'culori';
import { describe, expect, it } from 'vitest';
import { readColour } from '../colour/read';
import { fit } from '../colour/shown';
import { type Triple } from '../colour/vector';
import { inClimate, type ClimateKind } from './climates';
import { layGrid } from './grid';
import { exchanged, readDesign } from './read-design';

const linear = (text: string): Triple => fit(readColour(text)).linear;
const grid = layGrid({ kind: 'square', columns: 4, stretched: false }, 40, 30);
const lab = converter('lab65');
const lch = converter('oklch');
const seen = ([r, g, b]: Triple) => ({ mode: 'lrgb' as const, r, g, b });

describe('readings of a design', () => {
	const codes = ['#f5e6c8', '#b3392b', '#2f5f86', '#2f5f87'];
	// Three rows of four: 4, 4, 3 and 0 cells, one empty.
	const content = [0, 0, 1, 1, 0, 0, 1, 1, 2, 2, 2, null];
	const read = readDesign(grid, content, codes.map(linear));

	it('shares, values and the nearest neighbours are those that culori 4.0.2 has', () => {
		expect(read.filled).toBe(11);
		expect(read.shares.map((share) => Math.round(share * 11))).toEqual([4, 4, 3, 0]);
		codes.forEach((code, i) => expect(read.values[i]).toBeCloseTo(lab(code)!.l, 3));
		expect(read.unused).toEqual([3]);
		// Two borders of 1 and 2 between 0 and 1 in two rows, one of 0 and 2 twice, one of 1 and 2.
		expect(read.borders).toBe(5);
		const apart = differenceCiede2000();
		const pairs = [
			[0, 1],
			[0, 2],
			[1, 2]
		] as const;
		const least = Math.min(...pairs.map(([a, b]) => apart(codes[a]!, codes[b]!)));
		expect(read.nearest!.difference).toBeCloseTo(least, 3);
		expect(read.hard).toBe(0);
		const mean = (4 * lab(codes[0]!)!.l + 4 * lab(codes[1]!)!.l + 3 * lab(codes[2]!)!.l) / 11;
		expect(read.meanValue).toBeCloseTo(mean, 3);
		expect(read.warm).toBeCloseTo(8 / 11, 6);
		expect(read.cool).toBeCloseTo(3 / 11, 6);
	});

	it('neighbours that nobody can tell apart are counted', () => {
		const alike = readDesign(grid, [2, 3, 2, 3, ...Array.from({ length: 8 }, () => null)], codes.map(linear));
		expect([alike.borders, alike.hard]).toEqual([3, 3]);
	});

	it('yellow and violet hold each other in balance as 1 to 3 (Goethe after Itten 1961, tests/reference/area-contrast.json)', () => {
		const pure = ['#ffff00', '#aa00ff'].map(linear);
		const inBalance = readDesign(grid, [0, 1, 1, 1, ...Array.from({ length: 8 }, () => null)], pure);
		for (const ratio of inBalance.balance) expect(ratio).toBeCloseTo(1, 1);
		const even = readDesign(grid, [0, 0, 1, 1, ...Array.from({ length: 8 }, () => null)], pure);
		expect(even.balance[0]).toBeCloseTo(2, 1);
	});

	it('exchanged, what covers most covers least, and twice exchanged all is as it was', () => {
		expect(exchanged([0.5, 0.3, 0.2, 0])).toEqual([2, 1, 0, 3]);
		const shares = [0.1, 0.4, 0.2, 0.3];
		const once = exchanged(shares);
		expect(once.map((i) => once[i])).toEqual([0, 1, 2, 3]);
		expect(once[1]).toBe(0);
	});

	it('the key is high or low where three quarters of the area are', () => {
		const cells = (light: number) => Array.from({ length: 12 }, (_, i) => (i < light ? 0 : 1));
		const colours = ['#f5e6c8', '#1c1c1c'].map(linear);
		expect([12, 9, 8, 4, 3].map((light) => readDesign(grid, cells(light), colours).key)).toEqual([
			'high',
			'high',
			null,
			null,
			'low'
		]);
	});
});

describe('climates', () => {
	const colours = ['#f5e6c8', '#d9b036', '#b3392b', '#5d7f45', '#2f5f86', '#3c3a3f'].map(linear);
	const of = (kind: ClimateKind) => inClimate(kind, colours).map(seen);

	it('a high key lies over L* 65, a low one under 40, each in the order of lightness that it had (culori)', () => {
		const lightness = colours.map((colour) => lch(seen(colour))!.l);
		const order = (numbers: readonly number[]) => numbers.map((_, i) => i).sort((a, b) => numbers[a]! - numbers[b]!);
		for (const [kind, fits] of [
			['light', (l: number) => l >= 65],
			['dark', (l: number) => l <= 40]
		] as const) {
			const there = of(kind).map((colour) => lab(colour)!.l);
			expect(there.every(fits), kind).toBe(true);
			expect(order(of(kind).map((colour) => lch(colour)!.l))).toEqual(order(lightness));
		}
	});

	it('quiet keeps the lightness and a quarter of the chroma; warm and cool turn hues within 40° of their pole', () => {
		of('quiet').forEach((colour, i) => {
			expect(lch(colour)!.l).toBeCloseTo(lch(seen(colours[i]!))!.l, 3);
			expect(lch(colour)!.c).toBeCloseTo(lch(seen(colours[i]!))!.c / 4, 3);
		});
		const off = (hue: number, pole: number) => Math.abs(((hue - pole + 540) % 360) - 180);
		for (const [kind, pole] of [
			['warm', 55],
			['cool', 235]
		] as const)
			for (const colour of of(kind)) if (lch(colour)!.c > 0.03) expect(off(lch(colour)!.h!, pole)).toBeLessThan(43);
	});
});
