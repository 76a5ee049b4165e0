import { linearToOklab } from '../colour/oklab';
import { type ReadonlyTriple, type Triple } from '../colour/vector';
import { distance } from '../difference/euclidean';
import { pathBetween, pointOn } from '../scale/path';
import { seenColour, USUAL_STRENGTHS, type Strengths } from './on-ground';

const seenInOklab = (figure: ReadonlyTriple, ground: ReadonlyTriple, strengths: Strengths): Triple =>
	linearToOklab(...seenColour(figure, ground, strengths));

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
