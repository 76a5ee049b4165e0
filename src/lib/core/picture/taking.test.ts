import { differenceCiede2000 } from 'culori';
import { describe, expect, it } from 'vitest';
import { fieldsOf, stripes } from '../../../../tests/support/pictures';
import { EMPHASES } from './group';
import { findPlaces, knownOf, previewOf, standFor, type Wanted } from './taking';

const apart = differenceCiede2000();
const picture = { rgba: stripes(544, 120, 16), width: 544, height: 120 };
const wanted: Wanted = { count: 6, emphasis: 'spread', seed: 1, size: 9, kept: [] };

/** The mean of light of nine by nine pixels (IEC 61966-2-1), summed by hand. */
function meanAt(x: number, y: number): { mode: 'lrgb'; r: number; g: number; b: number } {
	const sums = [0, 0, 0];
	let count = 0;
	for (let py = Math.max(0, y - 4); py <= Math.min(119, y + 4); py++)
		for (let px = Math.max(0, x - 4); px <= Math.min(543, x + 4); px++) {
			count++;
			for (let c = 0; c < 3; c++) {
				const v = picture.rgba[4 * (py * 544 + px) + c]! / 255;
				sums[c] = sums[c]! + (v <= 0.04045 ? v / 12.92 : ((v + 0.055) / 1.055) ** 2.4);
			}
		}
	return { mode: 'lrgb', r: sums[0]! / count, g: sums[1]! / count, b: sums[2]! / count };
}

describe('places taken from a picture', () => {
	it.each(EMPHASES)(
		'%s: each has the colour that is seen there, none over another, the same at every run',
		(emphasis) => {
			const found = findPlaces(picture, { ...wanted, emphasis });
			expect(found.length).toBeGreaterThan(1);
			expect(findPlaces(picture, { ...wanted, emphasis })).toEqual(found);
			found.forEach(({ x, y, text }, i) => {
				// But for the rounding of codes.
				expect(apart(meanAt(x, y), text)).toBeLessThan(0.8);
				for (const other of found.slice(i + 1))
					expect(Math.max(Math.abs(other.x - x), Math.abs(other.y - y))).toBeGreaterThanOrEqual(wanted.size);
			});
		}
	);

	it('known colours of equal area are all found by area', () => {
		const codes = ['#b3392b', '#d9b036', '#2f5f86', '#e9dcc0', '#45424f'];
		const found = findPlaces(
			fieldsOf(
				codes.map((code) => [code, 40] as const),
				60
			),
			{
				...wanted,
				emphasis: 'area',
				count: 5
			}
		);
		expect(found.map(({ text }) => text).sort()).toEqual([...codes].sort());
	});

	it('far apart takes what differs, however little there is of it', () => {
		const found = findPlaces(
			fieldsOf([
				['#8a8178', 200],
				['#7c746c', 200],
				['#958b80', 190],
				['#2f5f86', 6],
				['#d9b036', 6]
			]),
			{ ...wanted, count: 3, size: 3 }
		);
		const texts = found.map(({ text }) => text);
		expect(texts).toContain('#2f5f86');
		expect(texts).toContain('#d9b036');
	});

	it('what is kept stays, and is not found a second time', () => {
		const all = findPlaces(picture, wanted);
		const kept = all.slice(0, 2);
		const found = findPlaces(picture, { ...wanted, kept });
		expect(found).toHaveLength(4);
		for (const { text } of found) for (const other of kept) expect(apart(text, other.text)).toBeGreaterThan(3);
	});

	it('a preview is sorted from light to dark, and is what would be taken', () => {
		const codes = ['#2f5f86', '#e9dcc0', '#b3392b'];
		const three = fieldsOf(codes.map((code) => [code, 40] as const));
		expect(previewOf(three, { count: 3, emphasis: 'area', seed: 1 })).toEqual(['#e9dcc0', '#b3392b', '#2f5f86']);
	});

	it('how far colours stand for a picture: shares, the mean off, and where it is most, by hand', () => {
		const two = fieldsOf([
			['#b3392b', 75],
			['#2f5f86', 25]
		]);
		const exact = standFor(two, ['#2f5f86', '#b3392b']);
		expect(exact.shares).toEqual([0.25, 0.75]);
		expect(exact.difference).toBeCloseTo(0, 6);
		const off = apart('#2f5f86', '#45424f');
		const { difference, farthest, shares } = standFor(two, ['#b3392b', '#45424f']);
		expect(shares).toEqual([0.75, 0.25]);
		expect(difference).toBeCloseTo(0.25 * off, 4);
		expect(farthest!.x).toBeGreaterThanOrEqual(75);
	});

	it('what is known of a picture has its four notans, each with as many values as it has, adding up to all of it', () => {
		const { notans } = knownOf(picture);
		notans.forEach(({ values, borders, shares }, i) => {
			expect([values.length, borders.length]).toEqual([i + 2, i + 1]);
			expect(shares.reduce((sum, share) => sum + share, 0)).toBeCloseTo(1, 9);
		});
		expect(knownOf(fieldsOf([['#b3392b', 10]])).notans[2]!.values).toHaveLength(1);
	});
});
