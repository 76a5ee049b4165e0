import { linearToLab } from '../difference/lab-of-linear';
import { ciede2000 } from '../difference/ciede2000';
import { type ReadonlyTriple, type Triple } from '../colour/vector';
import { Problem } from '../problem';
import { type Method } from '../scale/mixing';
import { pathBetween, pointOn } from '../scale/path';

const HALVINGS = 50;

/**
 * The middle mixture: the point of the straight way in OKLab from which both parents (linear sRGB) look equally far by
 * CIEDE2000. Found by halving, since one distance grows along the way while the other shrinks.
 */
export function middleMixture(one: ReadonlyTriple, other: ReadonlyTriple): { linear: Triple; share: number } {
	const path = pathBetween([...one], [...other], 'oklab', false);
	const [start, end] = [linearToLab(one), linearToLab(other)];
	let [low, high] = [0, 1];
	for (let i = 0; i < HALVINGS; i++) {
		const share = (low + high) / 2;
		const here = linearToLab(pointOn(path, share).linear);
		if (ciede2000(...start, ...here) < ciede2000(...here, ...end)) low = share;
		else high = share;
	}
	const share = (low + high) / 2;
	return { linear: pointOn(path, share).linear, share };
}

const DEEPEST = 6;

/**
 * The tree of middles between two colours (linear sRGB), level by level: 1, 3, 7 … steps between, each the middle of its
 * neighbours by a mixing method. `levels` 1 to 6. Gives each level whole, without the two ends.
 * @throws Problem `count` for other levels.
 */
export function halve(one: ReadonlyTriple, other: ReadonlyTriple, method: Method, levels: number): Triple[][] {
	if (!Number.isInteger(levels) || levels < 1 || levels > DEEPEST)
		throw new Problem('count', `${levels} halvings cannot be made.`, `1 to ${DEEPEST}`);
	const tree: Triple[][] = [];
	let row: Triple[] = [[...one], [...other]];
	for (let level = 0; level < levels; level++) {
		row = row.flatMap((colour, i) => {
			const next = row[i + 1];
			return next ? [colour, pointOn(pathBetween(colour, next, method, false), 0.5).linear] : [colour];
		});
		tree.push(row.slice(1, -1));
	}
	return tree;
}

/**
 * Strokes of one colour laid over a ground (both linear sRGB): a stroke of strength a (0–1), n times, gives
 * ground·(1 − a)^n + stroke·(1 − (1 − a)^n).
 */
export function layStrokes(ground: ReadonlyTriple, stroke: ReadonlyTriple, strength: number, times: number): Triple {
	const left = (1 - strength) ** times;
	const lay = (i: 0 | 1 | 2): number => ground[i] * left + stroke[i] * (1 - left);
	return [lay(0), lay(1), lay(2)];
}
