import { type ReadonlyTriple, type Triple } from '../colour/vector';
import { differenceOfLinear } from '../difference/lab-of-linear';
import { Problem } from '../problem';
import { mixPaint } from './paint';

/** The mixture of some paints that comes nearest to a colour. */
export interface NearestMixture {
	/** The share of each paint, 0–1; in sum 1. */
	readonly shares: readonly number[];
	readonly linear: Triple;
	/** ΔE00 from the colour that was looked for: what the paints do not reach. */
	readonly difference: number;
	/** About the same in whole parts, as few as do it; 0 where a paint is not needed. */
	readonly parts: readonly number[];
	/** ΔE00 of the mixture by whole parts. */
	readonly partsDifference: number;
}

/** Shares are tried on a grid this fine at first; more paints have more places on it. */
const GRID = [0, 1, 32, 12, 8, 6, 5] as const;
/** So many of the best places are followed up, by steps from the first down to the last. */
const FOLLOWED = 6;
const [FIRST_STEP, LAST_STEP] = [1 / 8, 1 / 1024];
/** Whole parts are looked for up to so many in all, and are enough where they lose no more than this in ΔE00. */
const [MOST_PARTS, ENOUGH] = [32, 0.25];

/** All ways of dealing so many steps to so many paints. */
function dealt(paints: number, steps: number): number[][] {
	if (paints === 1) return [[steps]];
	return Array.from({ length: steps + 1 }, (_, first) => first).flatMap((first) =>
		dealt(paints - 1, steps - first).map((rest) => [first, ...rest])
	);
}

interface Tried {
	readonly shares: readonly number[];
	readonly difference: number;
}

/** Goes on from one place: a step from each paint to each other, as long as one helps, then half the step. */
function followed(from: Tried, differenceOf: (shares: readonly number[]) => number): Tried {
	let best = from;
	for (let step = FIRST_STEP; step >= LAST_STEP;) {
		let found = best;
		best.shares.forEach((has, out) => {
			const moved = Math.min(step, has);
			if (moved <= 0) return;
			best.shares.forEach((_, into) => {
				if (into === out) return;
				const shares = best.shares.map((share, i) => (i === out ? share - moved : i === into ? share + moved : share));
				const difference = differenceOf(shares);
				if (difference < found.difference) found = { shares, difference };
			});
		});
		if (found === best) step /= 2;
		else best = found;
	}
	return best;
}

/** Shares in so many whole parts, by the largest remainders. */
function wholeParts(shares: readonly number[], total: number): number[] {
	const parts = shares.map((share) => Math.floor(share * total));
	const missing = total - parts.reduce((sum, part) => sum + part, 0);
	const order = shares.map((share, i) => ({ i, left: share * total - parts[i]! })).sort((a, b) => b.left - a.left);
	for (const { i } of order.slice(0, missing)) parts[i]!++;
	return parts;
}

/**
 * The mixture of paints that comes nearest to a colour in ΔE00, mixed as `mixPaint` does; and about the same in few whole parts.
 * @param paints 2 to 6 colours in linear sRGB
 * @throws Problem `parts` for fewer or more.
 */
export function nearestMixture(target: ReadonlyTriple, paints: readonly ReadonlyTriple[]): NearestMixture {
	const steps = GRID[paints.length];
	if (paints.length < 2 || steps === undefined)
		throw new Problem('parts', `There are ${paints.length} paints.`, '2 to 6 of them');
	const mixed = (shares: readonly number[]): Triple =>
		mixPaint(shares.map((weight, i) => ({ linear: paints[i]!, weight })));
	const differenceOf = (shares: readonly number[]): number => differenceOfLinear(mixed(shares), target);
	const tried = dealt(paints.length, steps).map((dealing): Tried => {
		const shares = dealing.map((part) => part / steps);
		return { shares, difference: differenceOf(shares) };
	});
	tried.sort((one, other) => one.difference - other.difference);
	const [best] = tried
		.slice(0, FOLLOWED)
		.map((each) => followed(each, differenceOf))
		.sort((one, other) => one.difference - other.difference);
	const { shares, difference } = best!;
	let whole = { parts: wholeParts(shares, MOST_PARTS), difference: Infinity };
	for (let total = 1; total <= MOST_PARTS; total++) {
		const parts = wholeParts(shares, total);
		const by = differenceOf(parts);
		if (by < whole.difference) whole = { parts, difference: by };
		if (by <= difference + ENOUGH) break;
	}
	return { shares, linear: mixed(shares), difference, parts: whole.parts, partsDifference: whole.difference };
}
