/** One trial of a practice: how hard it was, and whether every region was under the limit. */
export interface Trial {
	/** ΔE00: the smaller, the harder. */
	readonly level: number;
	readonly held: boolean;
}

/** The easiest and the hardest level, ΔE00, and where somebody new begins. */
export const LEVELS = { easiest: 20, hardest: 0.5, first: 9 } as const;
/** By these factors a level is changed: large at first, smaller from turn to turn (our choice). */
const FACTORS = [1.6, 1.35, 1.2, 1.12] as const;
/** A trial that held makes the next one harder by a third of what one that failed makes it easier: it settles where three in four hold. */
const EASIER = 1;
const HARDER = 1 / 3;

const within = (level: number): number => Math.max(LEVELS.hardest, Math.min(LEVELS.easiest, level));

/** How often the way has turned: from harder to easier, or back. */
const turnsOf = (trials: readonly Trial[]): number =>
	trials.filter(({ held }, i) => i > 0 && trials[i - 1]!.held !== held).length;

const factorAfter = (turns: number): number => FACTORS[Math.min(FACTORS.length - 1, Math.floor(turns / 2))]!;

/**
 * The level of the next trial: harder after one that held, easier after one that did not, by a weighted up-and-down staircase
 * (C. Kaernbach, "Simple adaptive testing with the weighted up-down method", Perception & Psychophysics 49, 1991), in equal ratios.
 */
export function nextLevel(trials: readonly Trial[]): number {
	const last = trials.at(-1);
	if (!last) return LEVELS.first;
	const factor = factorAfter(turnsOf(trials));
	return within(last.held ? last.level / factor ** HARDER : last.level * factor ** EASIER);
}

/** Of so many of the last trials a threshold is made. */
const COUNTED = 40;

/**
 * The level at which three trials in four hold: the geometric mean of the levels of the last trials; null before there are eight.
 * @returns ΔE00
 */
export function thresholdOf(trials: readonly Trial[]): number | null {
	if (trials.length < 8) return null;
	const settled = trials.slice(Math.max(4, trials.length - COUNTED));
	return Math.exp(settled.reduce((sum, { level }) => sum + Math.log(level), 0) / settled.length);
}
