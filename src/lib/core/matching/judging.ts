import { colourOfValue } from '../colour/hold-luminance';
import { type Triple } from '../colour/vector';
import { seeded } from '../seeded';

/** Differences of value in L* that a series goes through, from plain to hardly seen. */
export const JUDGED_DIFFERENCES = [24, 18, 14, 11, 8, 6, 5, 4, 3, 2.5, 2, 1.5] as const;
/** How many pairs a series has. */
export const JUDGED_ROUNDS = JUDGED_DIFFERENCES.length;

/** Two colours (linear sRGB, 0–1) to be judged by their value. */
export interface JudgedPair {
	readonly colours: readonly [Triple, Triple];
	/** Which of the two is lighter. */
	readonly lighter: 0 | 1;
	/** How far apart they are in L*. */
	readonly difference: number;
}

/**
 * Two colours of unlike hue and chroma whose values differ as much as the round asks, for judging by eye which is lighter.
 * @param seed any whole number; the same one gives the same series
 * @param round from 0 to `JUDGED_ROUNDS` − 1
 */
export function judgedPair(seed: number, round: number): JudgedPair {
	const next = seeded(seed * 31 + round * 7919);
	const difference = JUDGED_DIFFERENCES[Math.min(JUDGED_ROUNDS - 1, Math.max(0, round))]!;
	const value = 30 + 40 * next();
	const hue = 360 * next();
	const colour = (light: number, at: number, chroma: number): Triple => colourOfValue(light, chroma, at).linear;
	const one = colour(value + difference / 2, hue, 0.04 + 0.12 * next());
	const other = colour(value - difference / 2, hue + 60 + 240 * next(), 0.04 + 0.12 * next());
	const lighter = next() < 0.5 ? 0 : 1;
	return { colours: lighter === 0 ? [one, other] : [other, one], lighter, difference };
}

/** The least difference in L* up to which every answer was right; null where already the first was wrong. */
export function surelyJudged(right: readonly boolean[]): number | null {
	const wrong = right.indexOf(false);
	const sure = wrong < 0 ? right.length : wrong;
	return sure === 0 ? null : JUDGED_DIFFERENCES[Math.min(sure, JUDGED_ROUNDS) - 1]!;
}
