import { linearToOklab } from '../colour/oklab';
import { type ReadonlyTriple, type Triple } from '../colour/vector';
import { distance } from '../difference/euclidean';
import { Problem } from '../problem';
import { pathBetween, pointOn } from '../scale/path';
import { seenColour, USUAL_INFLUENCE } from './on-ground';

const seenInOklab = (figure: ReadonlyTriple, ground: ReadonlyTriple, p: number): Triple =>
	linearToOklab(...seenColour(figure, ground, p));

export interface TwoGrounds {
	/** Places among the candidates, from 0. */
	readonly first: number;
	readonly second: number;
	/** ΔEOK between the two appearances. */
	readonly apart: number;
}

/**
 * One colour as two: which two of these grounds drive the appearances of a figure furthest apart (all linear sRGB). Every
 * pair is weighed, so a few hundred candidates at the most.
 * @throws Problem `parts` for fewer than two grounds.
 */
export function oneAsTwo(figure: ReadonlyTriple, grounds: readonly ReadonlyTriple[], p = USUAL_INFLUENCE): TwoGrounds {
	if (grounds.length < 2) throw new Problem('parts', 'There are too few grounds.', 'two grounds or more');
	const seen = grounds.map((ground) => seenInOklab(figure, ground, p));
	let best: TwoGrounds = { first: 0, second: 1, apart: -1 };
	seen.forEach((one, first) => {
		for (let second = first + 1; second < seen.length; second++) {
			const apart = distance(one, seen[second]!);
			if (apart > best.apart) best = { first, second, apart };
		}
	});
	return best;
}

const PLACES = 200;

/**
 * Like its ground: the figure between two grounds (on the straight way in OKLab) that on each looks most like the other
 * ground. `miss` is the sum of the two ΔEOK that remain.
 */
export function likeItsGround(
	one: ReadonlyTriple,
	other: ReadonlyTriple,
	p = USUAL_INFLUENCE
): { linear: Triple; miss: number } {
	const path = pathBetween([...one], [...other], 'oklab', false);
	const [first, second] = [linearToOklab(...asTriple(one)), linearToOklab(...asTriple(other))];
	let best = { linear: asTriple(one), miss: Infinity };
	for (let i = 0; i <= PLACES; i++) {
		const { linear } = pointOn(path, i / PLACES);
		const miss = distance(seenInOklab(linear, one, p), second) + distance(seenInOklab(linear, other, p), first);
		if (miss < best.miss) best = { linear, miss };
	}
	return best;
}

const asTriple = ([x, y, z]: ReadonlyTriple): Triple => [x, y, z];

/** One match by the method of adjustment: the figure on its ground, and the twin on the neutral board set to look alike. */
export interface Match {
	readonly figure: ReadonlyTriple;
	readonly ground: ReadonlyTriple;
	readonly twin: ReadonlyTriple;
}

/** The p between −1 and 1 with the least sum of squares, by a grid and then by thirds. */
function bestInfluence(matches: readonly Match[]): number {
	const miss = (p: number): number =>
		matches.reduce((sum, { figure, ground, twin }) => {
			const off = distance(seenInOklab(figure, ground, p), linearToOklab(...asTriple(twin)));
			return sum + off * off;
		}, 0);
	const grid = Array.from({ length: 41 }, (_, i) => -0.98 + 0.049 * i);
	const start = grid.reduce((best, p) => (miss(p) < miss(best) ? p : best));
	let [low, high] = [start - 0.05, start + 0.05];
	for (let i = 0; i < 40; i++) {
		const [left, right] = [low + (high - low) / 3, high - (high - low) / 3];
		if (miss(left) < miss(right)) high = right;
		else low = left;
	}
	return (low + high) / 2;
}

/**
 * A person's own p from their matches, by least squares in OKLab, with the standard deviation of the p of each match.
 * @throws Problem `parts` without any match.
 */
export function fitInfluence(matches: readonly Match[]): { p: number; spread: number } {
	if (matches.length === 0) throw new Problem('parts', 'There are no matches.', 'at least one match');
	const p = bestInfluence(matches);
	const each = matches.map((match) => bestInfluence([match]));
	const spread = Math.sqrt(each.reduce((sum, own) => sum + (own - p) ** 2, 0) / Math.max(1, each.length - 1));
	return { p, spread };
}
