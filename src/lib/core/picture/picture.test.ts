import { converter } from 'culori';
import { describe, expect, it } from 'vitest';
import { BLOBS, stripes } from '../../../../tests/support/pictures';
import { toLinear } from '../colour/colour';
import { linearToOklch } from '../colour/oklab';
import { readColour } from '../colour/read';
import { type Triple } from '../colour/vector';
import { differenceOfLinear } from '../difference/lab-of-linear';
import { Problem } from '../problem';
import { coloursOfPicture, EMPHASES } from './group';

const oklch = converter('oklch');
const linear = (text: string): Triple => toLinear(readColour(text));

const picture = stripes(544, 200, 12);
const nearest = (colours: readonly { linear: Triple }[], goal: Triple) =>
	Math.min(...colours.map(({ linear: c }) => differenceOfLinear(c, goal)));

describe('colours out of a picture', () => {
	it('every one of 16 known colours is found, with its area', () => {
		const colours = coloursOfPicture(picture, 544, 16, 'area', 1);
		for (const blob of BLOBS) expect(nearest(colours, linear(blob)), blob).toBeLessThan(2);
		expect(colours.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(1, 9);
		expect(colours[0]!.share).toBeCloseTo(16 / 136, 1);
	});

	it('the same seed gives the same colours, and counts are kept', () => {
		for (const emphasis of EMPHASES)
			for (const count of [2, 5, 16]) {
				const once = coloursOfPicture(picture, 544, count, emphasis, 7);
				expect(once).toHaveLength(count);
				expect(coloursOfPicture(picture, 544, count, emphasis, 7)).toEqual(once);
			}
	});

	it('each emphasis moves the colours its way', () => {
		const mean = (emphasis: (typeof EMPHASES)[number], of: 0 | 1) => {
			const colours = coloursOfPicture(picture, 544, 4, emphasis, 3);
			return colours.reduce((sum, { linear: c }) => sum + linearToOklch(c)[of], 0) / 4;
		};
		expect(mean('strong', 1)).toBeGreaterThan(mean('area', 1));
		expect(mean('quiet', 1)).toBeLessThan(mean('area', 1));
		expect(mean('light', 0)).toBeGreaterThan(mean('area', 0));
		expect(mean('dark', 0)).toBeLessThan(mean('area', 0));
	});

	it('of one hue has only that hue, the one of which the picture has most, from light to dark', () => {
		// Three columns: woad blue with a darker and a lighter one of its hue, much red, a little green (hues by culori 4.0.2).
		const columns = ['#2f5f86', '#16364f', '#7fa8c9', '#5b6b78', '#b3392b', '#8d9a5b'];
		const wide = [30, 20, 20, 4, 20, 6];
		const rgba = new Uint8Array(4 * 100 * 10);
		for (let i = 0; i < 1000; i++) {
			let [column, left] = [0, i % 100];
			while (left >= wide[column]!) left -= wide[column++]!;
			const code = parseInt(columns[column]!.slice(1), 16);
			rgba.set([code >> 16, (code >> 8) & 255, code & 255, 255], 4 * i);
		}
		const hue = oklch('#2f5f86')!.h!;
		const colours = coloursOfPicture(rgba, 100, 3, 'one-hue', 1);
		expect(colours).toHaveLength(3);
		for (const {
			linear: [r, g, b]
		} of colours)
			expect(Math.abs(oklch({ mode: 'lrgb', r, g, b })!.h! - hue)).toBeLessThan(25);
		const greys = Uint8Array.from({ length: 400 }, (_, i) => (i % 4 === 3 ? 255 : 40 + 8 * (i >> 5)));
		expect(coloursOfPicture(greys, 10, 3, 'one-hue', 1)).toHaveLength(3);
	});

	it('a picture of one colour gives that one, a transparent one is refused, and so is a broken buffer', () => {
		const plain = Uint8Array.from({ length: 400 }, (_, i) => [179, 57, 43, 255][i % 4]!);
		const [only] = coloursOfPicture(plain, 10, 5, 'area', 1);
		expect(differenceOfLinear(only!.linear, linear('#b3392b'))).toBeLessThan(0.01);
		expect(() => coloursOfPicture(new Uint8Array(400), 10, 5, 'area', 1)).toThrow(/nothing to be seen/);
		expect(() => coloursOfPicture(plain, 7, 5, 'area', 1)).toThrow(Problem);
		expect(() => coloursOfPicture(plain, 10, 17, 'area', 1)).toThrow(Problem);
	});
});
