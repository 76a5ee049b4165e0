import { balancedSteps, lengthsOf, ratioOf, type Balanced } from './balance-steps';
import { type Passage } from './passage';

/**
 * How steps are placed along the passage: by equal shares of the mix; at equal seen differences; by doubling, each step
 * adding as much as all before it; or along a curve.
 */
export const SPACINGS = ['shares', 'differences', 'doubling', 'curve'] as const;
export type Spacing = (typeof SPACINGS)[number];

/** Steps count as even once the largest difference is at most this many times the smallest. */
const EVEN_ENOUGH = 1.003;
/** Where moving them all at once does not make them so, this is even enough: half of what is promised. */
const SETTLED = 1.01;
const MOST_ROUNDS = 40;
/** Other beginnings: equal shares, and shares that crowd the start or the end. */
const BENDS = [1, 1.4, 0.7] as const;
/** Points at which the passage is first measured. */
const SURVEY = 24;

/** Equal shares between two places: from, … , to. */
export function equalShares(intervals: number, from = 0, to = 1): number[] {
	const shares = new Array<number>(intervals + 1);
	for (let i = 0; i <= intervals; i++) shares[i] = i === intervals ? to : from + ((to - from) * i) / intervals;
	return shares;
}

/** Amounts 0, 1, 2, 4, 8 …: the trade’s way to steps that look even, by the law of Weber and Fechner. */
function doubling(intervals: number): number[] {
	return equalShares(intervals).map((_, i) => (i === 0 ? 0 : 2 ** (i - intervals)));
}

/** Along a curve: bias −1 crowds the steps at the start, 1 at the end, 0 leaves them at equal shares. */
function curved(intervals: number, bias: number): number[] {
	return equalShares(intervals).map((share) => share ** (4 ** -bias));
}

/** Shares of a passage between two places of it, both ends included, for so many intervals. `bias` −1 to 1 is the curve's. */
export function spaced(passage: Passage, spacing: Spacing, intervals: number, bias = 0, from = 0, to = 1): number[] {
	if (spacing === 'shares') return equalShares(intervals, from, to);
	if (spacing === 'differences') return equalDifferences(passage, intervals, from, to);
	const shares = spacing === 'doubling' ? doubling(intervals) : curved(intervals, bias);
	return shares.map((share) => from + (to - from) * share);
}

/**
 * Shares at which neighbouring steps differ equally in CIEDE2000. The whole passage is surveyed, then the steps are moved
 * to equal parts of the measured length, again and again, because the differences of wide steps do not add up to those
 * of narrow ones. Equal shares where nothing differs.
 */
function equalDifferences(passage: Passage, intervals: number, from: number, to: number): number[] {
	const survey = equalShares(SURVEY, from, to);
	const surveyed = lengthsOf(passage, survey);
	let shares = equalParts(survey, surveyed, intervals);
	if (!surveyed.some((length) => length > 0)) return shares;
	let best = shares;
	let bestRatio = Infinity;
	// A whole move can swing to and fro about a bend of the passage; a shorter one settles.
	let stride = 1;
	for (let round = 0; round < MOST_ROUNDS; round++) {
		const lengths = lengthsOf(passage, shares);
		const ratio = ratioOf(lengths);
		if (ratio < bestRatio) {
			best = shares;
			bestRatio = ratio;
		} else stride *= 0.7;
		if (!(ratio > EVEN_ENOUGH)) break;
		const goal = equalParts(shares, lengths, intervals);
		const before = shares;
		shares = goal.map((share, i) => before[i]! + (share - before[i]!) * stride);
	}
	return bestRatio > SETTLED ? untilSettled(passage, best, bestRatio) : best;
}

/** Balances from where the steps stand, then from other beginnings, until they are even; the best that was found. */
function untilSettled(passage: Passage, shares: number[], ratio: number): number[] {
	const [intervals, from, to] = [shares.length - 1, shares[0]!, shares.at(-1)!];
	let best: Balanced = { shares, ratio };
	for (const start of [shares, ...BENDS.map((bend) => bent(intervals, bend, from, to))]) {
		if (best.ratio <= SETTLED) break;
		const found = balancedSteps(passage, start, SETTLED);
		if (found.ratio < best.ratio) best = found;
	}
	return best.shares;
}

const bent = (intervals: number, bend: number, from: number, to: number): number[] =>
	equalShares(intervals).map((share) => from + (to - from) * share ** bend);

/** Cuts a passage, known at some shares with the lengths between them, into parts of equal length. */
function equalParts(shares: readonly number[], lengths: readonly number[], intervals: number): number[] {
	const total = lengths.reduce((sum, length) => sum + length, 0);
	if (!(total > 0)) return equalShares(intervals, shares[0], shares.at(-1));
	const result = [shares[0]!];
	let at = 0;
	let passed = 0;
	for (let i = 1; i < intervals; i++) {
		const goal = (total * i) / intervals;
		while (at < lengths.length - 1 && passed + lengths[at]! < goal) passed += lengths[at++]!;
		const length = lengths[at]!;
		const within = length > 0 ? (goal - passed) / length : 0;
		const start = shares[at]!;
		result.push(start + (shares[at + 1]! - start) * within);
	}
	result.push(shares.at(-1)!);
	return result;
}
