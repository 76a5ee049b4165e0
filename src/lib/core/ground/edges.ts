import { HUELESS } from '../colour/hueless';
import { linearToOklch } from '../colour/oklab';
import { type ReadonlyTriple } from '../colour/vector';
import { differenceOfLinear, linearToLab } from '../difference/lab-of-linear';
import { angleBetween } from '../colour/vector';

/** How the border between two colours behaves, each part 0–1, and what it is reckoned from. */
export interface Edge {
	/** 1: the border is all but gone. */
	readonly vanishing: number;
	/** 1: the border flickers as much as any. */
	readonly vibrating: number;
	readonly valueDifference: number;
	readonly difference: number;
	/** The lower OKLCH chroma of the two, and the angle between their hues in degrees; null where one is a grey. */
	readonly chroma: number;
	readonly hueAngle: number | null;
	/** What of it keeps the border from vanishing most, and from vibrating most. */
	readonly keepsFromVanishing: 'value' | 'difference';
	readonly keepsFromVibrating: 'value' | 'chroma' | 'hues';
}

// From these on an edge no longer vanishes or vibrates (our choice; the trade knows the kinds, not the numbers).
const VALUE_APART = 12;
const DIFFERENCE_APART = 24;
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
	const hueAngle = chroma < HUELESS ? null : angleBetween(h1, h2);
	const level = share(1 - valueDifference / VALUE_APART);
	const near = share(1 - difference / DIFFERENCE_APART);
	const strong = share(chroma / FULL_CHROMA);
	const opposed = share((hueAngle ?? 0) / HUES_APART);
	const weakest = Math.min(level, strong, opposed);
	return {
		vanishing: level * near,
		vibrating: level * strong * opposed,
		valueDifference,
		difference,
		chroma,
		hueAngle,
		keepsFromVanishing: level <= near ? 'value' : 'difference',
		keepsFromVibrating: level === weakest ? 'value' : hueAngle === null || strong === weakest ? 'chroma' : 'hues'
	};
}
