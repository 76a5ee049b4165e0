import { colourOfValue } from '../colour/hold-luminance';
import { readColour } from '../colour/read';
import { fit } from '../colour/shown';
import { type ReadonlyTriple, type Triple } from '../colour/vector';
import { differenceOfLinear, linearToLab } from '../difference/lab-of-linear';
import { seenColour, type Strengths } from '../ground/on-ground';
import { seeded } from '../seeded';
import { fitStrengths, type FittedStrengths, type Match } from './fit-strengths';

/** What one match of the method of adjustment begins with: a figure on its ground, and where its twin on the board starts. */
export interface ContrastTrial {
	readonly figure: Triple;
	readonly ground: Triple;
	readonly start: Triple;
}

const colourOf = (value: number, chroma: number, hue: number): Triple => colourOfValue(value, chroma, hue).linear;

/** Middling, quiet colours: they have room to seem lighter, darker, stronger and quieter. Our choice. */
const FIGURES = [colourOf(52, 0, 0), colourOf(58, 0.05, 80)] as const;
/** Dark, light, and four strong hues about the figures' value. Our choice. */
const GROUNDS = [
	colourOf(14, 0, 0),
	colourOf(93, 0, 0),
	colourOf(45, 0.15, 28),
	colourOf(80, 0.14, 95),
	colourOf(50, 0.12, 150),
	colourOf(42, 0.13, 255)
] as const;

/** Every figure on every ground once. */
export const CONTRAST_ROUNDS = FIGURES.length * GROUNDS.length;

/** The order in which a series goes through all its matches. */
function orderOf(seed: number): number[] {
	const next = seeded(seed * 101 + 17);
	const order = Array.from({ length: CONTRAST_ROUNDS }, (_, i) => i);
	for (let i = order.length - 1; i > 0; i--) {
		const j = Math.floor(next() * (i + 1));
		[order[i], order[j]] = [order[j]!, order[i]!];
	}
	return order;
}

/** How far from the figure a twin starts: at least so far in L*, and up to so far. */
const START = { least: 6, most: 16, tint: 0.05 } as const;

/**
 * One match of a series: which figure on which ground, in an order of the series' own, with a random start for the twin.
 * @param seed any whole number; the same one gives the same series
 * @param round from 0 to `CONTRAST_ROUNDS` − 1
 */
export function contrastTrial(seed: number, round: number): ContrastTrial {
	const place = orderOf(seed)[Math.min(CONTRAST_ROUNDS - 1, Math.max(0, round))]!;
	const figure = FIGURES[place % FIGURES.length]!;
	const ground = GROUNDS[Math.floor(place / FIGURES.length)]!;
	const next = seeded(seed * 37 + round * 6151 + 5);
	const away = START.least + (START.most - START.least) * next();
	const [value] = linearToLab(figure);
	const start = colourOf(value + (next() < 0.5 ? away : -away), START.tint * next(), 360 * next());
	return { figure: [...figure], ground: [...ground], start };
}

/** A match of codes, in any CSS syntax. */
type CodedMatch = Readonly<Record<keyof Match, string>>;

/** Matches as they are kept, as they are fitted. */
export const matchesOf = (coded: readonly CodedMatch[]): Match[] =>
	coded.map(({ figure, ground, twin }) => {
		const linear = (text: string): Triple => fit(readColour(text)).linear;
		return { figure: linear(figure), ground: linear(ground), twin: linear(twin) };
	});

/** How far a figure seemed to shift on its ground: as it was measured, and as the model has it. */
export interface ContrastShift {
	/** L* of the ground less that of the figure. */
	readonly ground: number;
	/** In L*. */
	readonly measured: number;
	readonly predicted: number;
}

/** Whether a series tells anything: its matches agree, they contradict each other, or the twins were left where they started. */
export type ContrastVerdict = 'agrees' | 'contradicts' | 'untouched';

/** What the matches of a series come to. */
export interface OwnContrast extends FittedStrengths {
	readonly verdict: ContrastVerdict;
	readonly shifts: readonly ContrastShift[];
}

/** From these spreads on matches contradict each other (our choice). */
export const CONTRADICTS: Strengths = { value: 0.1, colour: 0.04 };
/** A twin is left where it started within this many ΔE00; a series is, where half of its twins are. */
const LEFT_WITHIN = 1;

function verdictOn(matches: readonly Match[], starts: readonly ReadonlyTriple[], spread: Strengths): ContrastVerdict {
	const left = starts.filter((start, i) => differenceOfLinear(start, matches[i]!.twin) < LEFT_WITHIN).length;
	if (left * 2 >= matches.length) return 'untouched';
	return spread.value > CONTRADICTS.value || spread.colour > CONTRADICTS.colour ? 'contradicts' : 'agrees';
}

/**
 * A person's own contrast out of their matches: both strengths with their spreads, and the shift of every match beside what they
 * predict. `starts` are where the twins began, match by match.
 * @throws Problem `parts` without any match.
 */
export function readContrast(matches: readonly Match[], starts: readonly ReadonlyTriple[]): OwnContrast {
	const { strengths, spread } = fitStrengths(matches);
	const shifts = matches.map(({ figure, ground, twin }): ContrastShift => {
		const [value] = linearToLab(figure);
		return {
			ground: linearToLab(ground)[0] - value,
			measured: linearToLab(twin)[0] - value,
			predicted: linearToLab(seenColour(figure, ground, strengths))[0] - value
		};
	});
	return { strengths, spread, verdict: verdictOn(matches, starts, spread), shifts };
}
