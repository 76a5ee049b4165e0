import { type ReadonlyTriple, type Triple } from '../colour/vector';
import { luminance } from '../colour/xyz';

/** What the crossing of two figures can be seen as. */
export interface OverlapVerdict {
	/** Whether one figure can read as a transparent layer over the other. */
	readonly transparent: boolean;
	/** Which figure seems to lie in front: the one that the crossing is more like. */
	readonly front: 'first' | 'second' | 'level';
	/** Why, in words. */
	readonly reason: string;
}

const LEVEL = 0.04;

/**
 * The colour where two figures cross, in linear light, so that one seems a transparent layer over the other (F. Metelli's
 * episcotister, 1974): `front` −1 puts the first wholly in front, 0 both level, 1 the second.
 */
export function overlapOf(first: ReadonlyTriple, second: ReadonlyTriple, front: number): Triple {
	const share = (1 + Math.min(1, Math.max(-1, front))) / 2;
	const mix = (i: 0 | 1 | 2): number => first[i] * (1 - share) + second[i] * share;
	return [mix(0), mix(1), mix(2)];
}

/**
 * Whether a chosen crossing reads as transparent, after Metelli: each channel between those of its parents, and, in value,
 * the crossing apart from the figure in front in the same direction as the other figure is, and less far. Colours in
 * linear sRGB. Figures are taken as they look on their own: what the ground does to a see-through figure is in its colour.
 */
export function judgeOverlap(first: ReadonlyTriple, second: ReadonlyTriple, crossing: ReadonlyTriple): OverlapVerdict {
	const slack = 1e-6;
	const within = [0, 1, 2].every((i) => {
		const [low, high] = [Math.min(first[i]!, second[i]!), Math.max(first[i]!, second[i]!)];
		return crossing[i]! >= low - slack && crossing[i]! <= high + slack;
	});
	const toFirst = distanceTo(crossing, first);
	const toSecond = distanceTo(crossing, second);
	const whole = toFirst + toSecond;
	const lean = whole === 0 ? 0 : (toSecond - toFirst) / whole;
	const front = Math.abs(lean) < LEVEL ? 'level' : lean > 0 ? 'first' : 'second';
	const [layer, under] = front === 'second' ? [second, first] : [first, second];
	const inside = valueOf(crossing) - valueOf(layer);
	const outside = valueOf(under) - valueOf(layer);
	const opaque = (reason: string): OverlapVerdict => ({ transparent: false, front, reason });
	if (inside * outside < 0)
		return opaque('Inside the layer light and dark change places, which no transparent layer does.');
	if (Math.abs(inside) > Math.abs(outside) + slack)
		return opaque('The contrast inside the layer is greater than outside it; a layer only softens.');
	if (!within) return opaque('The crossing is not between its two parents, so neither can lie over the other.');
	const reason =
		front === 'level'
			? 'Either may lie in front: the crossing is midway.'
			: `The ${front} figure seems to lie in front.`;
	return { transparent: true, front, reason };
}

const valueOf = ([r, g, b]: ReadonlyTriple): number => luminance(r, g, b);

const distanceTo = (one: ReadonlyTriple, other: ReadonlyTriple): number =>
	Math.hypot(one[0] - other[0], one[1] - other[1], one[2] - other[2]);
