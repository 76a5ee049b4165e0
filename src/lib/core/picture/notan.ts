import { luminanceToValue } from '../colour/lab';
import { LINEAR_OF_BYTE } from '../colour/bytes';
import { luminance } from '../colour/xyz';
import { Problem } from '../problem';
import { type Pixels } from './square';

/** How finely values are told apart while borders are looked for: a quarter of an L*. */
const LEVELS = 401;

/** A picture brought to a few values. */
export interface Notan {
	/** L* of each value, the darkest first. */
	readonly values: readonly number[];
	/** L* from which on the next value begins; one fewer than there are values. */
	readonly borders: readonly number[];
	/** The share of the picture that each value has, 0–1. */
	readonly shares: readonly number[];
}

/** How many pixels have each value, from L* 0 to 100 by quarters; what is more than half transparent is left out. */
export function countValues({ rgba }: Pixels): Float64Array {
	const counts = new Float64Array(LEVELS);
	for (let at = 0; at < rgba.length; at += 4) {
		if (rgba[at + 3]! < 128) continue;
		const light = luminance(LINEAR_OF_BYTE[rgba[at]!]!, LINEAR_OF_BYTE[rgba[at + 1]!]!, LINEAR_OF_BYTE[rgba[at + 2]!]!);
		const level = Math.round((luminanceToValue(light) / 100) * (LEVELS - 1));
		counts[level] = counts[level]! + 1;
	}
	return counts;
}

/**
 * The 2 to 5 values that a picture is best brought to: so that in sum pixels lie nearest to their value (least squares of L*). Exact, by
 * dynamic programming over the levels (W. D. Fisher 1958); with two values it is what N. Otsu's threshold (1979) gives. Fewer values
 * where the picture has fewer.
 * @throws Problem `count`
 */
export function notanOf(counts: Float64Array, count: number): Notan {
	if (!Number.isInteger(count) || count < 2 || count > 5)
		throw new Problem('count', `${count} values cannot be found.`, '2 to 5');
	const filled = Array.from(counts.keys()).filter((level) => counts[level]! > 0);
	const groups = groupsOf(filled, counts, Math.min(count, filled.length));
	const total = filled.reduce((sum, level) => sum + counts[level]!, 0);
	const sizes = groups.map((levels) => levels.reduce((sum, level) => sum + counts[level]!, 0));
	const toValue = (level: number): number => (100 * level) / (LEVELS - 1);
	return {
		values: groups.map((levels, k) =>
			toValue(levels.reduce((sum, level) => sum + level * counts[level]!, 0) / sizes[k]!)
		),
		borders: groups.slice(1).map((levels, k) => toValue((groups[k]!.at(-1)! + levels[0]!) / 2)),
		shares: sizes.map((size) => size / total)
	};
}

/** The levels that a picture has, cut into so many runs whose squares about their means are least in sum. */
function groupsOf(levels: readonly number[], counts: Float64Array, count: number): number[][] {
	const cost = costs(levels, counts);
	// least[k][i]: the least sum for the first i levels in k runs; from[k][i]: where the last of these runs begins.
	const least = [[0, ...levels.map(() => Infinity)]];
	const from: number[][] = [[]];
	for (let k = 1; k <= count; k++) {
		const [before, row, begins] = [least[k - 1]!, [Infinity], [0]];
		for (let i = 1; i <= levels.length; i++) {
			let [best, at] = [Infinity, 0];
			for (let j = k - 1; j < i; j++) {
				const sum = before[j]! + cost(j, i);
				if (sum < best) [best, at] = [sum, j];
			}
			row.push(best);
			begins.push(at);
		}
		least.push(row);
		from.push(begins);
	}
	const runs: number[][] = [];
	for (let [k, end] = [count, levels.length]; k > 0; k--) {
		const begin = from[k]![end]!;
		runs.unshift(levels.slice(begin, end));
		end = begin;
	}
	return runs;
}

/** The sum of squares about their mean of levels from one place up to before another. */
function costs(levels: readonly number[], counts: Float64Array): (from: number, to: number) => number {
	const sums = [[0, 0, 0]];
	for (const level of levels) {
		const [n, s, q] = sums.at(-1) as [number, number, number];
		const weight = counts[level]!;
		sums.push([n + weight, s + weight * level, q + weight * level * level]);
	}
	return (from, to) => {
		const [n, s, q] = sums[to]!.map((sum, i) => sum - sums[from]![i]!) as [number, number, number];
		return q - (s * s) / n;
	};
}
