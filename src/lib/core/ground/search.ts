import { linearToOklab } from '../colour/oklab';
import { type ReadonlyTriple, type Triple } from '../colour/vector';
import { distance } from '../difference/euclidean';
import { Problem } from '../problem';
import { pathBetween, pointOn } from '../scale/path';
import { seenColour, USUAL_STRENGTHS, type Strengths } from './on-ground';

const seenInOklab = (figure: ReadonlyTriple, ground: ReadonlyTriple, strengths: Strengths): Triple =>
	linearToOklab(...seenColour(figure, ground, strengths));

/** The two grounds among candidates that drive one figure furthest apart. */
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
export function oneAsTwo(
	figure: ReadonlyTriple,
	grounds: readonly ReadonlyTriple[],
	strengths = USUAL_STRENGTHS
): TwoGrounds {
	if (grounds.length < 2) throw new Problem('parts', 'There are too few grounds.', 'two grounds or more');
	const seen = grounds.map((ground) => seenInOklab(figure, ground, strengths));
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
	strengths = USUAL_STRENGTHS
): { linear: Triple; miss: number } {
	const path = pathBetween([...one], [...other], 'oklab', false);
	const [first, second] = [linearToOklab(...asTriple(one)), linearToOklab(...asTriple(other))];
	let best = { linear: asTriple(one), miss: Infinity };
	for (let i = 0; i <= PLACES; i++) {
		const { linear } = pointOn(path, i / PLACES);
		const miss =
			distance(seenInOklab(linear, one, strengths), second) + distance(seenInOklab(linear, other, strengths), first);
		if (miss < best.miss) best = { linear, miss };
	}
	return best;
}

const asTriple = ([x, y, z]: ReadonlyTriple): Triple => [x, y, z];
