import { clipped } from '../colour/gamut';
import { colourOfValue } from '../colour/hold-luminance';
import { type ReadonlyTriple, type Triple } from '../colour/vector';
import { linearToOklch } from '../colour/oklab';
import { linearToLab } from '../difference/lab-of-linear';
import { type Sentence } from '../remark';
import { seeded } from '../seeded';
import { scoreMatch } from './score';

/** Subjects of a series: about five minutes' work. */
export const SERIES = 10;

/** One subject of a practice: a colour by itself, or a figure on a ground; linear sRGB. */
export interface PracticeSubject {
	readonly colour: Triple;
	readonly ground: Triple | null;
}

/**
 * One subject of a series: every third is a figure on a ground, the others are flat.
 * @param seed any whole number; the same one gives the same series
 * @param round from 0 to `SERIES` − 1
 */
export function practiceSubject(seed: number, round: number): PracticeSubject {
	const next = seeded(seed * 67 + round * 4099 + 9);
	const colour = (): Triple =>
		clipped(colourOfValue(20 + 66 * next(), 0.01 + 0.15 * next() ** 1.4, 360 * next()).linear);
	const own = colour();
	return { colour: own, ground: round % 3 === 2 ? colour() : null };
}

/** What came of one subject, as it is kept: no colour, only what it was like and how far off it was set. */
export interface PracticeResult {
	/** L* and OKLCH chroma of the colour that was to be matched. */
	readonly light: number;
	readonly strength: number;
	/** ΔE00 off, and the limit under which it held. */
	readonly difference: number;
	readonly limit: number;
	/** L* too light (+) or too dark (−); OKLCH chroma too strong (+) or too quiet (−). */
	readonly value: number;
	readonly chroma: number;
	/** Degrees of hue off, signed; null where one of the two is a grey. */
	readonly hue: number | null;
}

/** What comes of setting a colour; both linear sRGB, `limit` in ΔE00. */
export function practiceResult(yours: ReadonlyTriple, target: ReadonlyTriple, limit: number): PracticeResult {
	const { difference, value, chroma, hue } = scoreMatch(yours, target);
	return { light: linearToLab(target)[0], strength: linearToOklch(target)[1], difference, limit, value, chroma, hue };
}

/** The middle one of some numbers, and the two between which half of them lie. */
export interface Quartiles {
	readonly low: number;
	readonly median: number;
	readonly high: number;
}

/** Quartiles of numbers, between two where they fall between two (the method of most tables); null of none. */
export function quartiles(numbers: readonly number[]): Quartiles | null {
	if (numbers.length === 0) return null;
	const sorted = [...numbers].sort((one, other) => one - other);
	const at = (share: number): number => {
		const place = share * (sorted.length - 1);
		const [below, above] = [sorted[Math.floor(place)]!, sorted[Math.ceil(place)]!];
		return below + (above - below) * (place - Math.floor(place));
	};
	return { low: at(0.25), median: at(0.5), high: at(0.75) };
}

/** How large the errors of some subjects are: of value in L*, of chroma as OKLCH × 100, of hue in degrees. */
export const ERRORS = ['value', 'chroma', 'hue'] as const;
export type ErrorKind = (typeof ERRORS)[number];
export function errorsOf(results: readonly PracticeResult[], kind: ErrorKind): number[] {
	return results.flatMap((result) => {
		const error = result[kind];
		return error === null ? [] : [Math.abs(error) * (kind === 'chroma' ? 100 : 1)];
	});
}

/** Kinds of colours of which something can be said. */
const ZONES = [
	{ name: 'dark colours', has: ({ light }: PracticeResult) => light < 40 },
	{ name: 'light colours', has: ({ light }: PracticeResult) => light > 65 },
	{ name: 'quiet colours', has: ({ strength }: PracticeResult) => strength < 0.05 },
	{ name: 'strong colours', has: ({ strength }: PracticeResult) => strength > 0.1 }
] as const;
/** Of fewer subjects nothing is said; nor of a lean that is smaller than this, in L* and in OKLCH chroma (our choice). */
const [FEWEST, LEAN] = [6, { value: 2, chroma: 0.01 }] as const;

/** Which way somebody leans in some kind of colours, in the median. */
export interface Lean extends Sentence {
	/** How many times the least lean that is said. */
	readonly weight: number;
}

/** What somebody is blind to so far, in words, the strongest first: "You set dark colours 3 too light (median of 14)." */
export function leansOf(results: readonly PracticeResult[]): Lean[] {
	const key = 'practice.lean' as const;
	const found = ZONES.flatMap(({ name, has }) => {
		const own = results.filter(has);
		if (own.length < FEWEST) return [];
		const median = (kind: 'value' | 'chroma'): number => quartiles(own.map((result) => result[kind]))!.median;
		const [value, chroma] = [median('value'), median('chroma')];
		const of = `(median of ${own.length})`;
		return [
			{
				key,
				words: `You set ${name} ${Math.abs(value).toFixed(0)} too ${value > 0 ? 'light' : 'dark'} ${of}.`,
				weight: Math.abs(value) / LEAN.value
			},
			{
				key,
				words: `You set ${name} too ${chroma > 0 ? 'strong' : 'grey'} ${of}.`,
				weight: Math.abs(chroma) / LEAN.chroma
			}
		];
	});
	return found.filter(({ weight }) => weight >= 1).sort((one, other) => other.weight - one.weight);
}
