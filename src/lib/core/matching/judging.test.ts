import { converter } from 'culori';
import { describe, expect, it } from 'vitest';
import { linearToHex } from '../colour/bytes';
import { JUDGED_DIFFERENCES, JUDGED_ROUNDS, judgedPair, surelyJudged } from './judging';

const lab = converter('lab65');
const valueOf = (colour: readonly [number, number, number]): number => lab(linearToHex(...colour))!.l;

describe('which of two is lighter', () => {
	it('pairs differ by as much as the round asks, the one named is lighter (L* of culori 4.0.2), and their hues are unlike', () => {
		for (let seed = 1; seed < 60; seed++)
			for (let round = 0; round < JUDGED_ROUNDS; round++) {
				const { colours, lighter, difference } = judgedPair(seed, round);
				const apart = valueOf(colours[lighter]) - valueOf(colours[lighter === 0 ? 1 : 0]);
				// Codes are whole numbers, so a value is only about what was asked.
				expect(Math.abs(apart - difference)).toBeLessThan(0.8);
				const hues = colours.map((colour) => {
					const { a, b } = lab(linearToHex(...colour))!;
					return Math.atan2(b, a);
				});
				expect(Math.cos(hues[0]! - hues[1]!)).toBeLessThan(0.97);
			}
	});

	it('grow harder, come again from the same seed, and both sides are lighter about as often', () => {
		const sorted = [...JUDGED_DIFFERENCES].sort((one, other) => other - one);
		expect(JUDGED_DIFFERENCES).toEqual(sorted);
		expect(judgedPair(5, 3)).toEqual(judgedPair(5, 3));
		const left = Array.from({ length: 400 }, (_, seed) => judgedPair(seed, 4).lighter).filter(
			(side) => side === 0
		).length;
		expect(left).toBeGreaterThan(150);
		expect(left).toBeLessThan(250);
	});

	it('what is surely judged ends at the first wrong answer', () => {
		expect(surelyJudged([])).toBeNull();
		expect(surelyJudged([false, true])).toBeNull();
		expect(surelyJudged([true, true, false, true])).toBe(18);
		expect(surelyJudged(JUDGED_DIFFERENCES.map(() => true))).toBe(1.5);
	});

	it('a round before the first is as plain as the first, one past the last as hard as the last', () => {
		expect([-4, 0, JUDGED_ROUNDS - 1, 40].map((round) => judgedPair(3, round).difference)).toEqual([24, 24, 1.5, 1.5]);
	});

	it('a series that somebody has begun goes on with the same pairs: answers are kept by its seed alone', () => {
		const codes = (seed: number, round: number) =>
			judgedPair(seed, round).colours.map((colour) => linearToHex(...colour));
		// As they were made when answers were first kept.
		expect([codes(7, 0), codes(7, 3), codes(7, 11), codes(23, 5)]).toEqual([
			['#681855', '#15826b'],
			['#45717a', '#d56170'],
			['#00816b', '#ab624d'],
			['#88595c', '#005f7a']
		]);
	});
});
