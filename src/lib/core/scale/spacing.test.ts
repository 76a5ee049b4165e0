import { differenceCiede2000 } from 'culori';
import { describe, expect, it } from 'vitest';
import { toLinear } from '../colour/colour';
import { linearToHex } from '../colour/bytes';
import { readColour } from '../colour/read';
import { type Triple } from '../colour/vector';
import { balancedSteps, lengthsOf, ratioOf } from './balance-steps';
import { passageBetween, passageThrough, pointOnPassage, type Passage } from './passage';
import { equalShares, spaced } from './spacing';

const linear = (code: string): Triple => toLinear(readColour(code));
let readings = 0;
/** A passage that counts how often it is read: that is what every turn of the dial costs. */
function counted(passage: Passage): Passage {
	if (passage.kind !== 'stops') throw new Error('Only passages through stops are counted.');
	const { ats, paths } = passage;
	return {
		kind: 'stops',
		ats,
		get paths() {
			readings++;
			return paths;
		}
	};
}
/** So many readings does this take. */
function readingsOf(work: () => void): number {
	readings = 0;
	work();
	return readings;
}
const between = (one: string, other: string): Passage =>
	counted(passageBetween(linear(one), linear(other), 'oklab', false, 'shorter'));
const through = (...codes: string[]): Passage =>
	counted(
		passageThrough(
			codes.map((code, i) => ({ at: i / (codes.length - 1), linear: linear(code) })),
			'oklab',
			false,
			'shorter'
		)
	);
/** The same measure by another library (culori 4.0.2), of unrounded colours. */
const apart = differenceCiede2000();
const measured = (passage: Passage, shares: readonly number[]): number[] => {
	const colours = shares.map((share) => {
		const [r, g, b] = pointOnPassage(passage, share).linear;
		return { mode: 'lrgb', r, g, b } as const;
	});
	return colours.slice(1).map((colour, i) => apart(colours[i]!, colour));
};
const unevenness = (lengths: readonly number[]): number => Math.max(...lengths) / Math.min(...lengths);
const isRising = (shares: readonly number[]): boolean => shares.every((share, i) => i === 0 || share > shares[i - 1]!);

describe('where steps stand on their passage', () => {
	it('equal shares: as many as there are places, both ends to the last bit', () => {
		expect(equalShares(4)).toEqual([0, 0.25, 0.5, 0.75, 1]);
		const part = equalShares(3, 0.3, 0.9);
		expect(part).toHaveLength(4);
		// 0.3 + (0.9 − 0.3) is 0.9000000000000001.
		expect([part[0], part[3]]).toEqual([0.3, 0.9]);
		const passage = between('#000', '#fff');
		expect(readingsOf(() => expect(spaced(passage, 'shares', 3, 0, 0.3, 0.9)).toEqual(part))).toBe(0);
	});

	it('doubling: 0, 1, 2, 4, 8 parts of 8 (by the law of Weber and Fechner), also of a part of the passage', () => {
		const passage = between('#000', '#fff');
		expect(spaced(passage, 'doubling', 4)).toEqual([0, 0.125, 0.25, 0.5, 1]);
		expect(spaced(passage, 'doubling', 2, 0, 0.5, 1)).toEqual([0.5, 0.75, 1]);
	});

	it('a curve crowds the steps at the start, or at the end; without a bias they stand at equal shares', () => {
		const passage = between('#000', '#fff');
		expect(spaced(passage, 'curve', 2, 1)[1]).toBeCloseTo(Math.sqrt(Math.SQRT1_2), 10);
		expect(spaced(passage, 'curve', 2, -1)[1]).toBeCloseTo(1 / 16, 10);
		expect(spaced(passage, 'curve', 2, 0.5)[1]).toBeCloseTo(Math.SQRT1_2, 10);
		expect(spaced(passage, 'curve', 4, 0)).toEqual([0, 0.25, 0.5, 0.75, 1]);
	});
});

describe('equal differences', () => {
	it.each([
		['black to white', between('#000000', '#ffffff'), 6],
		['madder to woad', between('#b3392b', '#2f5f86'), 7],
		['yellow to blue, many', between('#ffff00', '#0000ff'), 20],
		['through three dyes', through('#b3392b', '#d9b036', '#2f5f86'), 12]
	])('%s: even by another library, rising, between its ends, and found with few readings', (_, passage, intervals) => {
		let shares: number[] = [];
		const taken = readingsOf(() => (shares = spaced(passage, 'differences', intervals)));
		expect(shares).toHaveLength(intervals + 1);
		expect([shares[0], shares.at(-1)]).toEqual([0, 1]);
		expect(isRising(shares)).toBe(true);
		expect(unevenness(measured(passage, shares))).toBeLessThan(1.004);
		// A survey of 25 places, and a few rounds over the steps.
		expect(taken).toBeLessThan(25 + 22 * (intervals + 1));
	});

	it('of a part of a passage keeps the ends of that part', () => {
		const passage = between('#b3392b', '#2f5f86');
		const shares = spaced(passage, 'differences', 5, 0, 0.2, 0.7);
		expect([shares[0], shares.at(-1)]).toEqual([0.2, 0.7]);
		expect(isRising(shares)).toBe(true);
		expect(unevenness(measured(passage, shares))).toBeLessThan(1.004);
	});

	it('where nothing differs the steps stand at equal shares, and no more is read than the survey', () => {
		const flat = between('#777777', '#777777');
		const taken = readingsOf(() => {
			expect(spaced(flat, 'differences', 4)).toEqual([0, 0.25, 0.5, 0.75, 1]);
			expect(spaced(flat, 'differences', 2, 0, 0.5, 1)).toEqual([0.5, 0.75, 1]);
		});
		expect(taken).toBe(50);
	});

	it('where a passage rests at its beginning, or turns back, they are still even', () => {
		const rests = through('#b3392b', '#b3392b', '#d9b036');
		expect(unevenness(measured(rests, spaced(rests, 'differences', 4)))).toBeLessThan(1.011);
		const turns = through('#303030', '#d0d0d0', '#303030', '#d0d0d0');
		expect(unevenness(measured(turns, spaced(turns, 'differences', 5)))).toBeLessThan(1.011);
	});

	it('one interval is the passage itself', () => {
		expect(spaced(between('#b3392b', '#d9b036'), 'differences', 1)).toEqual([0, 1]);
	});
});

describe('steps balanced between their neighbours', () => {
	const passage = between('#b3392b', '#2f5f86');
	const start = equalShares(6, 0.1, 0.9);

	it('come to be even, in order, between the same ends; where they began is left as it was', () => {
		const before = [...start];
		let found = { shares: start, ratio: Infinity };
		const taken = readingsOf(() => (found = balancedSteps(passage, start, 1.0005)));
		const { shares, ratio } = found;
		expect(start).toEqual(before);
		expect([shares[0], shares.at(-1)]).toEqual([0.1, 0.9]);
		expect(isRising(shares)).toBe(true);
		expect(unevenness(measured(passage, shares))).toBeLessThan(1.001);
		expect(ratio).toBeCloseTo(unevenness(measured(passage, shares)), 4);
		// Newton's method doubles the right digits with each move: three or four moves, of three readings a step each.
		expect(taken).toBeLessThan(150);
	});

	it('that are even already stay, and are read once', () => {
		const even = balancedSteps(passage, start, 1.0005).shares;
		let again = { shares: start, ratio: Infinity };
		const taken = readingsOf(() => (again = balancedSteps(passage, even, 1.001)));
		expect(again.shares).toEqual(even);
		expect(again.ratio).toBe(ratioOf(lengthsOf(passage, even)));
		expect(taken).toBe(7);
	});

	it('come apart where two stand at one place, and back where they stand in the wrong order', () => {
		for (const wrong of [
			[0, 0.5, 0.5, 0.5, 1],
			[0, 0.02, 0.03, 0.04, 1]
		]) {
			const { shares } = balancedSteps(passage, wrong, 1.01);
			expect(isRising(shares)).toBe(true);
			expect(unevenness(measured(passage, shares))).toBeLessThan(1.011);
		}
	});

	it('of a passage that jumps are the best that was found, and an end is made', () => {
		// Half of it is one colour, so that some steps can never differ.
		const jump = through('#b3392b', '#b3392b', '#2f5f86');
		const { shares, ratio } = balancedSteps(jump, [0, 0.1, 0.2, 1], 1.0001);
		expect(shares).toHaveLength(4);
		expect(ratio).toBe(ratioOf(lengthsOf(jump, shares)));
	});

	it('differences are those of another library (culori 4.0.2)', () => {
		const lengths = lengthsOf(passage, start);
		measured(passage, start).forEach((length, i) => expect(lengths[i]).toBeCloseTo(length, 6));
		expect(linearToHex(...pointOnPassage(passage, 0).linear)).toBe('#b3392b');
	});
});
