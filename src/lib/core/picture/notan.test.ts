import { converter } from 'culori';
import { describe, expect, it } from 'vitest';
import { seeded } from '../../../../tests/support/colours';
import { stripes } from '../../../../tests/support/pictures';
import { countValues, notanOf } from './notan';
import { type Pixels } from './square';

const lab = converter('lab65');
const greys = (...codes: number[]): Pixels => ({
	width: codes.length,
	height: 1,
	rgba: Uint8Array.from(codes.flatMap((code) => [code, code, code, 255]))
});

/** The least sum of squares of any borders at all, tried one by one. */
function leastOf(values: readonly number[], count: number): number {
	const sorted = [...values].sort((a, b) => a - b);
	const about = (part: readonly number[]): number => {
		const mean = part.reduce((sum, x) => sum + x, 0) / part.length;
		return part.reduce((sum, x) => sum + (x - mean) ** 2, 0);
	};
	const cut = (from: number, left: number): number => {
		if (left === 1) return about(sorted.slice(from));
		let least = Infinity;
		for (let to = from + 1; to <= sorted.length - left + 1; to++)
			least = Math.min(least, about(sorted.slice(from, to)) + cut(to, left - 1));
		return least;
	};
	return cut(0, count);
}

describe('a picture in a few values', () => {
	it('values are counted as L* of every pixel, by another library (culori 4.0.2)', () => {
		const picture: Pixels = { rgba: stripes(136, 20, 12), width: 136, height: 20 };
		const counts = countValues(picture);
		const mean = counts.reduce((sum, count, level) => sum + (count * level) / 4, 0) / (136 * 20);
		let expected = 0;
		for (let at = 0; at < picture.rgba.length; at += 4) {
			const [r, g, b] = [0, 1, 2].map((i) => picture.rgba[at + i]! / 255) as [number, number, number];
			expected += lab({ mode: 'rgb', r, g, b })!.l / (136 * 20);
		}
		expect(Math.abs(mean - expected)).toBeLessThan(0.02);
		expect(counts.reduce((sum, count) => sum + count, 0)).toBe(136 * 20);
	});

	it.each([2, 3, 4, 5])('%i values: no other borders bring pixels nearer to their values', (count) => {
		const next = seeded(count);
		for (let picture = 0; picture < 20; picture++) {
			const codes = Array.from({ length: 14 }, () => Math.floor(256 * next() ** (picture % 3)));
			const counts = countValues(greys(...codes));
			const levels = [...counts].flatMap((times, level) => Array<number>(times).fill(level / 4));
			const { values, borders, shares } = notanOf(counts, count);
			const sum = levels.reduce((total, level) => {
				const group = borders.filter((border) => level > border).length;
				return total + (level - values[group]!) ** 2;
			}, 0);
			expect(sum).toBeCloseTo(leastOf(levels, Math.min(count, new Set(levels).size)), 6);
			expect(shares.reduce((total, share) => total + share, 0)).toBeCloseTo(1, 12);
		}
	});

	it('two values: the border is the threshold of N. Otsu (1979), where the variance between the two is greatest', () => {
		const codes = [20, 22, 25, 30, 31, 90, 180, 185, 200, 201, 240];
		const counts = countValues(greys(...codes));
		const levels = [...counts].flatMap((times, level) => Array<number>(times).fill(level / 4));
		const mean = (part: readonly number[]): number => part.reduce((sum, x) => sum + x, 0) / part.length;
		const between = (cut: number): number => {
			const [dark, light] = [levels.slice(0, cut), levels.slice(cut)];
			return ((dark.length * light.length) / levels.length ** 2) * (mean(dark) - mean(light)) ** 2;
		};
		const cuts = levels.slice(1).map((_, i) => i + 1);
		const best = cuts.reduce((one, other) => (between(other) > between(one) ? other : one));
		const { borders } = notanOf(counts, 2);
		expect(borders[0]).toBeGreaterThan(levels[best - 1]!);
		expect(borders[0]).toBeLessThan(levels[best]!);
	});

	it('a picture of fewer values has no more than those, and what cannot be is refused', () => {
		expect(notanOf(countValues(greys(0, 0, 255)), 4)).toEqual({
			values: [0, 100],
			borders: [50],
			shares: [2 / 3, 1 / 3]
		});
		expect(notanOf(countValues({ ...greys(7), rgba: new Uint8Array(4) }), 3).values).toEqual([]);
		for (const count of [1, 6, 2.5])
			expect(() => notanOf(countValues(greys(0, 255)), count)).toThrow(/values cannot be found/);
	});
});
