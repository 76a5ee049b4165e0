import { differenceCiede2000, formatHex } from 'culori';
import { describe, expect, it } from 'vitest';
import { BLOBS, stripes } from '../../../../tests/support/pictures';
import { linearToHex } from '../colour/bytes';
import { coloursOfPicture } from './group';
import { meanOfSquare, spotsAlong, spotsOf, type Pixels } from './square';

const apart = differenceCiede2000();
/** Rows of codes as a picture; '' is transparent. */
const pictureOf = (...rows: string[][]): Pixels => ({
	width: rows[0]!.length,
	height: rows.length,
	rgba: Uint8Array.from(
		rows.flat().flatMap((code) => {
			const number = parseInt(code.slice(1) || '0', 16);
			return [number >> 16, (number >> 8) & 255, number & 255, code === '' ? 0 : 255];
		})
	)
});
const hexOf = (picture: Pixels, x: number, y: number, size: number): string | null => {
	const mean = meanOfSquare(picture, { x, y }, size);
	return mean && linearToHex(...mean);
};

describe('the mean of a square of a picture', () => {
	const [black, white] = ['#000000', '#ffffff'];

	it('is of light: half black and half white is #bcbcbc (IEC 61966-2-1: half the light of white has code 188)', () => {
		expect(hexOf(pictureOf([black, white], [white, black]), 0, 0, 2)).toBe('#bcbcbc');
	});

	it('has the place in its middle, a square of one is the pixel, an even one reaches further right and down', () => {
		const nine = pictureOf(
			['#100000', '#200000', '#300000'],
			['#400000', '#500000', '#600000'],
			['#700000', '#800000', '#900000']
		);
		expect(hexOf(nine, 1, 1, 1)).toBe('#500000');
		expect(hexOf(nine, 2, 0, 1)).toBe('#300000');
		const three = pictureOf([black, black, black, white, white, white, white]);
		// Around column 3, three wide: black, white, white. Two thirds of the light of white: 213.
		expect(hexOf(three, 3, 0, 3)).toBe('#d5d5d5');
		// Two wide: columns 2 and 3.
		expect(hexOf(three, 2, 0, 2)).toBe('#bcbcbc');
	});

	it('leaves out what lies beyond the edge, and what is transparent', () => {
		const corner = pictureOf(['#b3392b', '#b3392b'], ['#b3392b', white]);
		expect(hexOf(corner, 0, 0, 1)).toBe('#b3392b');
		expect(hexOf(pictureOf(['#b3392b', '']), 0, 0, 3)).toBe('#b3392b');
		expect(hexOf(pictureOf(['', '']), 0, 0, 101)).toBeNull();
		expect(hexOf(corner, 0, 0, 101)).toBe(hexOf(corner, 1, 1, 3));
	});
});

describe('where the colours of a picture are', () => {
	const picture: Pixels = { rgba: stripes(544, 200, 12), width: 544, height: 200 };
	const colours = coloursOfPicture(picture.rgba, 544, 16, 'area', 1);
	const spots = spotsOf(picture, colours, 3);

	it('the square at each place has the colour that was looked for, by another library (culori 4.0.2)', () => {
		expect(spots).toHaveLength(16);
		const means = spots.map(({ x, y }) => hexOf(picture, x, y, 3)!);
		means.forEach((mean, i) =>
			expect(apart(mean, formatHex(linearToHex(...colours[i]!.linear))!), mean).toBeLessThan(2)
		);
		for (const blob of BLOBS) expect(Math.min(...means.map((mean) => apart(mean, blob))), blob).toBeLessThan(2);
	});

	it('no two squares lie over each other, nor over one that is kept', () => {
		const pairs = spots.flatMap((one, i) => spots.slice(i + 1).map((other) => [one, other] as const));
		expect(pairs).toHaveLength(120);
		for (const [one, other] of pairs)
			expect(Math.max(Math.abs(one.x - other.x), Math.abs(one.y - other.y))).toBeGreaterThanOrEqual(3);
		const kept = spots[0]!;
		const [again] = spotsOf(picture, [colours[0]!], 3, [kept]);
		expect(Math.max(Math.abs(again!.x - kept.x), Math.abs(again!.y - kept.y))).toBeGreaterThanOrEqual(3);
	});

	it('where a picture has less room than that, places are given all the same; where there is nothing, none', () => {
		expect(spotsOf(pictureOf(['#b3392b', '#b3392b']), colours.slice(0, 3), 5)).toHaveLength(3);
		expect(spotsOf(pictureOf(['', '']), colours, 5)).toEqual([]);
	});

	it('along a line they stand evenly from end to end', () => {
		expect(spotsAlong({ x: 0, y: 10 }, { x: 100, y: 50 }, 5)).toEqual([
			{ x: 0, y: 10 },
			{ x: 25, y: 20 },
			{ x: 50, y: 30 },
			{ x: 75, y: 40 },
			{ x: 100, y: 50 }
		]);
		expect(spotsAlong({ x: 3, y: 4 }, { x: 9, y: 9 }, 1)).toEqual([{ x: 3, y: 4 }]);
	});
});
