import { describe, expect, it } from 'vitest';
import { seeded } from '../../../../tests/support/colours';
import { toLinear } from '../colour/colour';
import { linearToOklch } from '../colour/oklab';
import { readColour } from '../colour/read';
import { type Triple } from '../colour/vector';
import { differenceOfLinear } from '../difference/lab-of-linear';
import { Problem } from '../problem';
import { coloursOfPicture, EMPHASES } from './group';

const BLOBS = [
	'#b3392b',
	'#d9b036',
	'#2f5f86',
	'#5b4636',
	'#8d9a5b',
	'#e9dcc0',
	'#45424f',
	'#d0735c',
	'#8fb0c4',
	'#5d7f45',
	'#5b3a52',
	'#f2f2f2',
	'#101010',
	'#c05090',
	'#30a090',
	'#8040c0'
];
const linear = (text: string): Triple => toLinear(readColour(text));

/** A made-up picture of stripes with a little noise: blob k has k + 1 parts of its area. */
function stripes(width: number, height: number, noise: number, seed = 5): Uint8Array {
	const next = seeded(seed);
	const total = BLOBS.reduce((sum, _, k) => sum + k + 1, 0);
	const rgba = new Uint8Array(4 * width * height);
	for (let y = 0; y < height; y++)
		for (let x = 0; x < width; x++) {
			let part = (x / width) * total;
			let blob = 0;
			while (blob < BLOBS.length - 1 && (part -= blob + 1) >= 0) blob++;
			const code = parseInt(BLOBS[blob]!.slice(1), 16);
			const at = 4 * (y * width + x);
			[code >> 16, (code >> 8) & 255, code & 255].forEach(
				(byte, i) => (rgba[at + i] = Math.max(0, Math.min(255, byte + noise * (next() - 0.5))))
			);
			rgba[at + 3] = 255;
		}
	return rgba;
}

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

	it('a picture of one colour gives that one, a transparent one is refused, and so is a broken buffer', () => {
		const plain = Uint8Array.from({ length: 400 }, (_, i) => [179, 57, 43, 255][i % 4]!);
		const [only] = coloursOfPicture(plain, 10, 5, 'area', 1);
		expect(differenceOfLinear(only!.linear, linear('#b3392b'))).toBeLessThan(0.01);
		expect(() => coloursOfPicture(new Uint8Array(400), 10, 5, 'area', 1)).toThrow(/nothing to be seen/);
		expect(() => coloursOfPicture(plain, 7, 5, 'area', 1)).toThrow(Problem);
		expect(() => coloursOfPicture(plain, 10, 17, 'area', 1)).toThrow(Problem);
	});
});
