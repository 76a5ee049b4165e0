import { colourOfValue } from '../colour/hold-luminance';
import { linearToOklab } from '../colour/oklab';
import { readColour } from '../colour/read';
import { fit } from '../colour/shown';
import { type ReadonlyTriple, type Triple } from '../colour/vector';
import { linearToLab } from '../difference/lab-of-linear';
import { distance } from '../difference/euclidean';
import { seenColour } from '../ground/on-ground';
import { Problem } from '../problem';
import { seeded } from '../seeded';

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

/** One match by the method of adjustment: the figure on its ground, and the twin on the neutral board set to look alike. */
export interface Match {
	readonly figure: ReadonlyTriple;
	readonly ground: ReadonlyTriple;
	readonly twin: ReadonlyTriple;
}

/** A match of codes, in any CSS syntax. */
type CodedMatch = Readonly<Record<keyof Match, string>>;

/** Matches as they are kept, as they are fitted. */
export const matchesOf = (coded: readonly CodedMatch[]): Match[] =>
	coded.map(({ figure, ground, twin }) => {
		const linear = (text: string): Triple => fit(readColour(text)).linear;
		return { figure: linear(figure), ground: linear(ground), twin: linear(twin) };
	});

/** The p between −1 and 1 with the least sum of squares, by a grid and then by thirds. */
function bestInfluence(matches: readonly Match[]): number {
	const miss = (p: number): number =>
		matches.reduce((sum, { figure, ground, twin }) => {
			const off = distance(linearToOklab(...seenColour(figure, ground, p)), linearToOklab(twin[0], twin[1], twin[2]));
			return sum + off * off;
		}, 0);
	const grid = Array.from({ length: 41 }, (_, i) => -0.98 + 0.049 * i);
	const start = grid.reduce((best, p) => (miss(p) < miss(best) ? p : best));
	let [low, high] = [Math.max(-1, start - 0.05), Math.min(1, start + 0.05)];
	for (let i = 0; i < 40; i++) {
		const [left, right] = [low + (high - low) / 3, high - (high - low) / 3];
		if (miss(left) < miss(right)) high = right;
		else low = left;
	}
	return (low + high) / 2;
}

/**
 * A person's own p from their matches, by least squares in OKLab, with the standard deviation of the p of each match.
 * @throws Problem `parts` without any match.
 */
export function fitInfluence(matches: readonly Match[]): { p: number; spread: number } {
	if (matches.length === 0) throw new Problem('parts', 'There are no matches.', 'at least one match');
	const p = bestInfluence(matches);
	const each = matches.map((match) => bestInfluence([match]));
	const spread = Math.sqrt(each.reduce((sum, own) => sum + (own - p) ** 2, 0) / Math.max(1, each.length - 1));
	return { p, spread };
}

/** How far a figure seemed to shift on its ground, in L*: as it was measured, and as the model has it. */
export interface ContrastShift {
	/** L* of the ground less that of the figure. */
	readonly ground: number;
	readonly measured: number;
	readonly predicted: number;
}

/** What the matches of a series come to. */
export interface OwnContrast {
	/** A person's own p, −1 to 1. */
	readonly p: number;
	/** Standard deviation of the p of each single match. */
	readonly spread: number;
	readonly shifts: readonly ContrastShift[];
}

/**
 * A person's own contrast out of their matches: p with its spread, and the shift of every match beside what p predicts.
 * @throws Problem `parts` without any match.
 */
export function readContrast(matches: readonly Match[]): OwnContrast {
	const { p, spread } = fitInfluence(matches);
	const shifts = matches.map(({ figure, ground, twin }): ContrastShift => {
		const [value] = linearToLab(figure);
		return {
			ground: linearToLab(ground)[0] - value,
			measured: linearToLab(twin)[0] - value,
			predicted: linearToLab(seenColour(figure, ground, p))[0] - value
		};
	});
	return { p, spread, shifts };
}
