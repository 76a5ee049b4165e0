import { linearToOklch } from '../colour/oklab';
import { type ReadonlyTriple } from '../colour/vector';
import { differenceOfLinear, linearToLab } from '../difference/lab-of-linear';
import { angleBetween } from '../scheme/wheel';

/** How the border between two colours behaves, each part 0–1, and what it is reckoned from. */
export interface Edge {
	/** 1: the border is all but gone. */
	readonly vanishing: number;
	/** 1: the border flickers as much as any. */
	readonly vibrating: number;
	readonly valueDifference: number;
	readonly difference: number;
	/** The lower OKLCH chroma of the two, and the angle between their hues in degrees. */
	readonly chroma: number;
	readonly hueAngle: number;
}

// From these on an edge no longer vanishes or vibrates (our choice; the trade knows the kinds, not the numbers).
const VALUE_APART = 12;
const DIFFERENCE_APART = 15;
const FULL_CHROMA = 0.2;
const HUES_APART = 120;

const share = (x: number): number => Math.min(1, Math.max(0, x));

/** Vanishing: little value difference and little difference at all. Vibrating: little value difference, strong, hues far apart. */
export function edgeBetween(one: ReadonlyTriple, other: ReadonlyTriple): Edge {
	const valueDifference = Math.abs(linearToLab(one)[0] - linearToLab(other)[0]);
	const difference = differenceOfLinear(one, other);
	const [, c1, h1] = linearToOklch(one);
	const [, c2, h2] = linearToOklch(other);
	const chroma = Math.min(c1, c2);
	const hueAngle = angleBetween(h1, h2);
	const level = share(1 - valueDifference / VALUE_APART);
	return {
		vanishing: level * share(1 - difference / DIFFERENCE_APART),
		vibrating: level * share(chroma / FULL_CHROMA) * share(hueAngle / HUES_APART),
		valueDifference,
		difference,
		chroma,
		hueAngle
	};
}
