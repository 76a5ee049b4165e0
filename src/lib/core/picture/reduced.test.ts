import { differenceCiede2000 } from 'culori';
import { describe, expect, it } from 'vitest';
import { BLOBS, stripes } from '../../../../tests/support/pictures';
import { toLinear } from '../colour/colour';
import { readColour } from '../colour/read';
import { reducedTo } from './reduced';
import { type Pixels } from './square';

const apart = differenceCiede2000();
const linear = (code: string) => toLinear(readColour(code));
const hexAt = ({ rgba }: Pixels, i: number): string =>
	`#${[0, 1, 2].map((c) => rgba[4 * i + c]!.toString(16).padStart(2, '0')).join('')}`;

describe('a picture in only a few colours', () => {
	const picture: Pixels = { rgba: stripes(272, 60, 30), width: 272, height: 60 };
	const few = BLOBS.filter((_, i) => i % 2 === 0);
	const reduced = reducedTo(picture, few.map(linear));
	/** Counted again pixel by pixel, of the exact codes, by another library (culori 4.0.2). */
	const counted = Array.from({ length: 272 * 60 }, (_, i) => {
		const offs = few.map((code) => apart(hexAt(picture, i), code));
		const least = Math.min(...offs);
		return { index: offs.indexOf(least), least };
	});

	it('has at each pixel the nearest colour, but for those that stand on the border between two', () => {
		const agree = counted.filter(({ index }, i) => reduced.indices[i] === index).length;
		expect(agree / counted.length).toBeGreaterThan(0.97);
		const worst = counted.map(({ least }, i) => apart(hexAt(picture, i), few[reduced.indices[i]!]!) - least);
		// A bin is eight codes wide: of dark colours up to 5 ΔE00.
		expect(Math.max(...worst)).toBeLessThan(5);
	});

	it('says how much of the picture each colour stands for, and how far off it is in the mean', () => {
		few.forEach((_, k) => {
			const share = counted.filter(({ index }) => index === k).length / counted.length;
			expect(Math.abs(reduced.shares[k]! - share)).toBeLessThan(0.01);
		});
		expect(reduced.shares.reduce((sum, share) => sum + share, 0)).toBeCloseTo(1, 12);
		const mean = counted.reduce((sum, { least }) => sum + least, 0) / counted.length;
		expect(Math.abs(reduced.difference - mean)).toBeLessThan(0.3);
	});

	it('names a place where it is off most', () => {
		const { x, y } = reduced.farthest!;
		const at = Math.floor(y * 60) * 272 + Math.floor(x * 272);
		const most = Math.max(...counted.map(({ least }) => least));
		expect(counted[at]!.least).toBeGreaterThan(most - 4);
	});

	it('leaves out what is transparent', () => {
		const half: Pixels = { width: 2, height: 1, rgba: Uint8Array.from([179, 57, 43, 255, 0, 0, 0, 10]) };
		const { indices, shares, difference } = reducedTo(half, [linear('#b3392b'), linear('#000000')]);
		expect([...indices]).toEqual([0, 255]);
		expect(shares).toEqual([1, 0]);
		expect(difference).toBeLessThan(2);
		const nothing = reducedTo({ ...half, rgba: new Uint8Array(8) }, [linear('#b3392b')]);
		expect(nothing).toEqual({ indices: Uint8Array.from([255, 255]), shares: [0], difference: 0, farthest: null });
	});
});
