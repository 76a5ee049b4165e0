import { valueOf } from '../colour/value-of';
import { linearToOklab } from '../colour/oklab';
import { type ReadonlyTriple, type Triple } from '../colour/vector';
import { distance } from '../difference/euclidean';
import { differenceOfLinear } from '../difference/lab-of-linear';

/** How surely a crossing is seen as one figure through the other. */
export type Transparency = 'reads' | 'may' | 'does-not';

/** What the crossing of two figures can be seen as. */
export interface OverlapVerdict {
	readonly transparency: Transparency;
	/** Which figure seems to lie in front: the one that the crossing looks more like. */
	readonly front: 'first' | 'second' | 'level';
	/** The condition that decided, in words. */
	readonly reason: string;
}

/** Nearer to even than this share of the whole the crossing is midway. */
const LEVEL = 0.08;
/** Under this ΔE00 the crossing is the figure itself, which covers the other. */
const ITSELF = 2;
/** Under this many L* the figures' values hardly differ, and light and dark do not tell which layer is which. */
const ONE_VALUE = 5;
/** Farther (ΔEOK) than this from every mixture of the two by light, a crossing has a colour of its own. */
const OFF_THE_LINE = 0.05;
const SLACK = 1e-6;

/**
 * The colour where two figures cross, in linear light, so that one seems a transparent layer over the other (F. Metelli's
 * episcotister, 1974): `front` −1 puts the first wholly in front, 0 takes half of the light of each, 1 the second.
 */
export function overlapOf(first: ReadonlyTriple, second: ReadonlyTriple, front: number): Triple {
	return mixed(first, second, (1 + Math.min(1, Math.max(-1, front))) / 2);
}

const mixed = (first: ReadonlyTriple, second: ReadonlyTriple, share: number): Triple => [
	first[0] * (1 - share) + second[0] * share,
	first[1] * (1 - share) + second[1] * share,
	first[2] * (1 - share) + second[2] * share
];

const forTheEye = (one: ReadonlyTriple, other: ReadonlyTriple): number =>
	distance(linearToOklab(one[0], one[1], one[2]), linearToOklab(other[0], other[1], other[2]));

/** How far (ΔEOK) a crossing is from the nearest mixture of the two figures by light. */
function offTheLine(first: ReadonlyTriple, second: ReadonlyTriple, crossing: ReadonlyTriple): number {
	const along = [0, 1, 2].map((i) => second[i]! - first[i]!);
	const whole = along.reduce((sum, x) => sum + x * x, 0);
	const reached = along.reduce((sum, x, i) => sum + x * (crossing[i]! - first[i]!), 0);
	return forTheEye(crossing, mixed(first, second, whole > 0 ? Math.min(1, Math.max(0, reached / whole)) : 0));
}

const isBetween = (first: ReadonlyTriple, second: ReadonlyTriple, crossing: ReadonlyTriple): boolean =>
	[0, 1, 2].every((i) => {
		const [low, high] = [Math.min(first[i]!, second[i]!), Math.max(first[i]!, second[i]!)];
		return crossing[i]! >= low - SLACK && crossing[i]! <= high + SLACK;
	});

/** Which figure the crossing looks more like: by how far it is from each for the eye, not by shares of light. */
function frontOf(first: ReadonlyTriple, second: ReadonlyTriple, crossing: ReadonlyTriple): OverlapVerdict['front'] {
	const [toFirst, toSecond] = [forTheEye(crossing, first), forTheEye(crossing, second)];
	const whole = toFirst + toSecond;
	const lean = whole === 0 ? 0 : (toSecond - toFirst) / whole;
	return Math.abs(lean) < LEVEL ? 'level' : lean > 0 ? 'first' : 'second';
}

/** The condition that keeps a crossing from reading as transparent, if one does. */
function opaqueBecause(first: ReadonlyTriple, second: ReadonlyTriple, crossing: ReadonlyTriple): string | null {
	if (differenceOfLinear(first, second) < ITSELF)
		return 'The two figures are one colour: nothing shows through anything.';
	const same = [first, second].findIndex((figure) => differenceOfLinear(figure, crossing) < ITSELF);
	if (same >= 0)
		return `The crossing is the ${same === 0 ? 'first' : 'second'} figure’s own colour, which covers the other.`;
	const [layer, under] = frontOf(first, second, crossing) === 'second' ? [second, first] : [first, second];
	const inside = valueOf(crossing) - valueOf(layer);
	const outside = valueOf(under) - valueOf(layer);
	if (Math.abs(outside) >= ONE_VALUE && inside * outside < 0)
		return 'Inside the layer light and dark change places, which no transparent layer does.';
	if (Math.abs(outside) >= ONE_VALUE && Math.abs(inside) > Math.abs(outside) + SLACK)
		return 'The contrast inside the layer is greater than outside it; a layer only softens.';
	if (!isBetween(first, second, crossing))
		return 'The crossing does not lie between its two figures in red, green and blue light, so neither can lie over the other.';
	return null;
}

const FRONT_WORDS = {
	level: 'it looks midway, so either may lie in front.',
	first: 'the first figure seems to lie in front.',
	second: 'the second figure seems to lie in front.'
} as const;

/**
 * Whether a chosen crossing reads as transparent, after Metelli: each channel between those of its figures and, in value, the crossing
 * apart from the figure in front in the same direction as the other figure is, and less far. It may where these hold but either value
 * hardly differs or the crossing has a colour that no mixture of the two by light has. Colours in linear sRGB. Figures are taken as
 * they look on their own: what the ground does to a see-through figure is in its colour.
 */
export function judgeOverlap(first: ReadonlyTriple, second: ReadonlyTriple, crossing: ReadonlyTriple): OverlapVerdict {
	const front = frontOf(first, second, crossing);
	const opaque = opaqueBecause(first, second, crossing);
	if (opaque) return { transparency: 'does-not', front, reason: opaque };
	if (Math.abs(valueOf(first) - valueOf(second)) < ONE_VALUE)
		return {
			transparency: 'may',
			front,
			reason: 'It lies between the two, but they have nearly one value, and light and dark do not help the eye.'
		};
	if (offTheLine(first, second, crossing) > OFF_THE_LINE)
		return {
			transparency: 'may',
			front,
			reason: 'It lies between the two, but has a tint of its own that their light together does not have.'
		};
	return { transparency: 'reads', front, reason: `It lies between the two; ${FRONT_WORDS[front]}` };
}

/** How a verdict is said in a few words. */
export const TRANSPARENCY_WORDS: Readonly<Record<Transparency, string>> = {
	reads: 'reads as transparent',
	may: 'may read as transparent',
	'does-not': 'does not read as transparent'
};
