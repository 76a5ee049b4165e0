import { type Triple } from '../colour/vector';
import { linearToLab } from '../difference/lab-of-linear';
import { ciede2000 } from '../difference/ciede2000';
import { pointOn, type Path } from './path';

/** How steps are placed along the way: by equal shares of the mix, or at equal seen differences. */
export const SPACINGS = ['shares', 'differences'] as const;
export type Spacing = (typeof SPACINGS)[number];

/** Steps count as even once the largest difference is at most this many times the smallest. */
const EVEN_ENOUGH = 1.003;
const MOST_ROUNDS = 40;
/** Points at which the way is first measured. */
const SURVEY = 24;

/** Equal shares: 0, 1/n … 1. */
export function equalShares(intervals: number): number[] {
	const shares: number[] = [];
	for (let i = 0; i <= intervals; i++) shares.push(i / intervals);
	return shares;
}

/**
 * Shares t of a path, 0 to 1, at which neighbouring steps differ equally in CIEDE2000. The whole way is
 * surveyed, then the steps are moved to equal parts of the measured length, again and again, because the
 * differences of wide steps do not add up to those of narrow ones. Equal shares where nothing differs.
 */
export function equalDifferences(path: Path, intervals: number): number[] {
	const survey = equalShares(SURVEY);
	let shares = equalParts(survey, measure(path, survey), intervals);
	let best = shares;
	let bestRatio = Infinity;
	// A whole move can swing to and fro about a bend of the way; a shorter one settles.
	let stride = 1;
	for (let round = 0; round < MOST_ROUNDS; round++) {
		const lengths = measure(path, shares);
		const ratio = Math.max(...lengths) / Math.min(...lengths);
		if (ratio < bestRatio) {
			best = shares;
			bestRatio = ratio;
		} else stride *= 0.7;
		if (!(ratio > EVEN_ENOUGH)) break;
		const goal = equalParts(shares, lengths, intervals);
		const from = shares;
		shares = goal.map((share, i) => from[i]! + (share - from[i]!) * stride);
	}
	return best;
}

function measure(path: Path, shares: readonly number[]): number[] {
	const lengths: number[] = [];
	let [l, a, b]: Triple = [0, 0, 0];
	shares.forEach((share, i) => {
		const [l2, a2, b2] = linearToLab(pointOn(path, share).linear);
		if (i > 0) lengths.push(ciede2000(l, a, b, l2, a2, b2));
		[l, a, b] = [l2, a2, b2];
	});
	return lengths;
}

/** Cuts a way, known at some shares with the lengths between them, into parts of equal length. */
function equalParts(shares: readonly number[], lengths: readonly number[], intervals: number): number[] {
	const total = lengths.reduce((sum, length) => sum + length, 0);
	if (!(total > 0)) return equalShares(intervals);
	const result = [0];
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
	result.push(1);
	return result;
}
