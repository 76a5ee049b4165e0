import { describe, expect, it } from 'vitest';
import { seeded } from '../seeded';
import { LEVELS, nextLevel, thresholdOf, type Trial } from './staircase';

/**
 * An observer of known threshold: the chance that a trial holds rises with its level along a logistic curve of middling slope, and is
 * three in four at the threshold (the psychometric function, as every textbook of psychophysics has it; from memory).
 */
function observer(threshold: number, seed: number, slope = 4): (level: number) => boolean {
	const next = seeded(seed);
	const shift = Math.log(3) / slope;
	return (level) => next() < 1 / (1 + Math.exp(-slope * (Math.log(level / threshold) + shift)));
}

function practised(threshold: number, seed: number, count: number): Trial[] {
	const holds = observer(threshold, seed);
	const trials: Trial[] = [];
	for (let i = 0; i < count; i++) {
		const level = nextLevel(trials);
		trials.push({ level, held: holds(level) });
	}
	return trials;
}

const median = (numbers: readonly number[]): number =>
	[...numbers].sort((one, other) => one - other)[Math.floor(numbers.length / 2)]!;

describe('the staircase', () => {
	it.each([1.5, 3, 6, 12])(
		'the median of 101 observers of threshold %d is within 15 % after 60 trials',
		(threshold) => {
			const found = Array.from({ length: 101 }, (_, seed) => thresholdOf(practised(threshold, seed + 1, 60))!);
			expect(Math.abs(median(found) / threshold - 1)).toBeLessThan(0.15);
			// And not by chance alone: half of them lie within a quarter of it.
			const near = found.filter((each) => Math.abs(each / threshold - 1) < 0.25).length;
			expect(near).toBeGreaterThan(50);
		}
	);

	it('begins where it is plain, grows harder after a trial that held and easier after one that did not, within its ends', () => {
		expect(nextLevel([])).toBe(LEVELS.first);
		expect(nextLevel([{ level: 9, held: true }])).toBeLessThan(9);
		expect(nextLevel([{ level: 9, held: false }])).toBeGreaterThan(9);
		const always = (held: boolean): number => {
			const trials: Trial[] = [];
			for (let i = 0; i < 120; i++) trials.push({ level: nextLevel(trials), held });
			return nextLevel(trials);
		};
		expect(always(true)).toBe(LEVELS.hardest);
		expect(always(false)).toBe(LEVELS.easiest);
	});

	it('says nothing of a threshold before there are eight trials', () => {
		expect(thresholdOf(practised(3, 1, 7))).toBeNull();
		expect(thresholdOf(practised(3, 1, 8))).not.toBeNull();
	});
});
