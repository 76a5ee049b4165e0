import { type PatternRule } from '../../src/lib/core/brief/judge-pattern';
import { type SentenceKey } from '../../src/lib/core/sentence-keys';
import { apart, isGrey, numbersIn, says, valueOf, type Reckoned } from './reckon';
import { painterAngle } from './rules';

/** A design on squares, as far as its sentences speak of it. */
export interface ShownDesign {
	readonly columns: number;
	/** The number of the colour of each square, row by row; null where it is empty. */
	readonly cells: readonly (number | null)[];
	readonly colours: readonly Reckoned[];
	readonly rule: PatternRule | null;
	readonly holds: boolean;
	/** Other climates of the same design, the design itself among them, by name. */
	readonly climates: readonly { readonly name: string; readonly colours: readonly Reckoned[] }[];
}

type Key = Extract<SentenceKey, `pattern.${string}` | `climates.${string}`>;
type Judge = (words: string, shown: ShownDesign) => boolean;

const counts = ({ cells, colours }: ShownDesign): number[] =>
	colours.map((_, i) => cells.filter((own) => own === i).length);
const filled = ({ cells }: ShownDesign): number => cells.filter((own) => own !== null).length;
const unused = (shown: ShownDesign): number[] => counts(shown).flatMap((count, i) => (count === 0 ? [i + 1] : []));

/** Pairs of unlike colours that touch, by right and left and by over and under. */
function borders({ cells, columns, colours }: ShownDesign): { one: number; other: number; off: number }[] {
	return cells.flatMap((own, i) => {
		const right = (i + 1) % columns === 0 ? null : cells[i + 1];
		return [right, cells[i + columns]].flatMap((beside) =>
			own === null || beside === null || beside === undefined || beside === own
				? []
				: [{ one: own, other: beside, off: apart(colours[own]!, colours[beside]!) }]
		);
	});
}
const least = (all: readonly { off: number }[]): number => Math.min(...all.map(({ off }) => off));

/** Whether a share of the area has a value that fits. */
const mostly = (shown: ShownDesign, fits: (value: number) => boolean): boolean =>
	counts(shown).reduce((sum, count, i) => sum + (fits(valueOf(shown.colours[i]!)) ? count : 0), 0) >=
	0.75 * filled(shown) - 1e-9;

/** Goethe's light values from red on, after Itten 1961 (tests/reference/area-contrast.json), straight between the sixths. */
const LIGHT = [6, 8, 9, 6, 4, 3, 6];
function areaInBalance(colour: Reckoned): number {
	const place = painterAngle(colour) / 60;
	const sixth = Math.min(5, Math.floor(place));
	return 12 - (LIGHT[sixth]! + (LIGHT[sixth + 1]! - LIGHT[sixth]!) * (place - sixth));
}

function ratios(shown: ShownDesign): { i: number; ratio: number }[] {
	const at = counts(shown).flatMap((count, i) => (count > 0 && !isGrey(shown.colours[i]!) ? [{ i, count }] : []));
	const whole = at.reduce((sum, { count }) => sum + count, 0);
	const wanted = at.reduce((sum, { i }) => sum + areaInBalance(shown.colours[i]!), 0);
	return at.map(({ i, count }) => ({ i, ratio: count / whole / (areaInBalance(shown.colours[i]!) / wanted) }));
}

const same = (one: readonly number[], other: readonly number[]): boolean => one.join() === other.join();
const firstNumber = (words: string): string => /\d+(?:\.\d+)?/.exec(words)![0];

/** The mean value of a climate by its squares. */
function meanValue(shown: ShownDesign, colours: readonly Reckoned[]): number {
	const all = shown.cells.flatMap((own) => (own === null ? [] : [valueOf(colours[own]!)]));
	return all.reduce((sum, value) => sum + value, 0) / all.length;
}

/** What each sentence of a design claims, reckoned again on squares. */
export const PATTERN_JUDGES: Readonly<Record<Key, Judge>> = {
	'pattern.empty': (_words, shown) => filled(shown) === 0,
	'pattern.neighbours': (words, shown) => {
		const all = borders(shown);
		const hard = all.filter(({ off }) => off < 2);
		if (words.startsWith('Neighbours:'))
			return hard.length === 0 && says(Number(firstNumber(words)), least(all), firstNumber(words));
		const [saidHard, saidAll, , , one, other] = numbersIn(words);
		const named = all.filter(
			(each) => [each.one + 1, each.other + 1].sort((a, b) => a - b).join() === `${one},${other}`
		);
		return saidHard === hard.length && saidAll === all.length && Math.abs(least(named) - least(all)) < 1e-6;
	},
	'pattern.unused': (words, shown) => {
		if (words.startsWith('All')) return unused(shown).length === 0 && numbersIn(words)[0] === shown.colours.length;
		return same(numbersIn(words), unused(shown));
	},
	'pattern.key': (words, shown) => {
		const values = counts(shown).flatMap((count, i) => (count > 0 ? [valueOf(shown.colours[i]!)] : []));
		const [low, high] = numbersIn(words);
		const key = mostly(shown, (value) => value >= 65)
			? 'high.'
			: mostly(shown, (value) => value <= 40)
				? 'low.'
				: 'neither high nor low.';
		return says(low!, Math.min(...values)) && says(high!, Math.max(...values)) && words.endsWith(`the key is ${key}`);
	},
	'pattern.balance': (words, shown) => {
		const all = ratios(shown);
		const within = all.every(({ ratio }) => ratio >= 2 / 3 - 1e-3 && ratio <= 1.5 + 1e-3);
		if (words.startsWith('By their')) return within;
		const off = (ratio: number): number => Math.abs(Math.log(ratio));
		const [colour, times] = numbersIn(words);
		const named = all.find(({ i }) => i + 1 === colour)!;
		const digits = /(\d+\.?\d*) times/.exec(words)![1]!;
		return says(times!, named.ratio, digits) && all.every(({ ratio }) => off(ratio) <= off(named.ratio) + 1e-3);
	},
	'pattern.uses-all': (words, shown) =>
		shown.holds === (unused(shown).length === 0) && (shown.holds || same(numbersIn(words), unused(shown))),
	'pattern.at-most': (words, shown) => {
		const used = shown.colours.length - unused(shown).length;
		return shown.rule?.rule === 'at-most' && numbersIn(words)[0] === used && shown.holds === used <= shown.rule.most;
	},
	'pattern.each-share': (words, shown) => {
		const shares = counts(shown).map((count) => count / filled(shown));
		const lowest = Math.min(...shares.filter((share) => share > 0));
		const [colour, perCent] = numbersIn(words);
		const said = /(\d+\.?\d*) %/.exec(words)![1]!;
		return (
			shown.rule?.rule === 'each-share' &&
			shown.holds === lowest >= shown.rule.least &&
			Math.abs(shares[colour! - 1]! - lowest) < 1e-9 &&
			says(perCent!, 100 * lowest, said)
		);
	},
	'pattern.told-apart': (words, shown) => {
		const all = borders(shown);
		if (all.length === 0) return words === 'No two colours touch.';
		const said = /(\d+\.?\d*) ΔE00/.exec(words)![1]!;
		return (
			shown.rule?.rule === 'told-apart' &&
			says(Number(said), least(all), said) &&
			(Math.abs(least(all) - shown.rule.least) < 1e-3 || shown.holds === least(all) >= shown.rule.least)
		);
	},
	'pattern.palette': (words, shown) => {
		if (shown.rule?.rule !== 'palette-only') return false;
		const { palette, within } = shown.rule;
		const offs = counts(shown).flatMap((count, i) =>
			count > 0 ? [Math.min(...palette.map((text) => apart(text, shown.colours[i]!)))] : []
		);
		const said = /(\d+\.?\d*) ΔE00/.exec(words)![1]!;
		const farthest = Math.max(...offs);
		return (
			says(Number(said), farthest, said) && (Math.abs(farthest - within) < 1e-3 || shown.holds === farthest <= within)
		);
	},
	'climates.values': (words, shown) => {
		const [, lightest, darkest] = /^(.+) is the lightest, (.+) the darkest\.$/.exec(words)!;
		const means = shown.climates.map(({ name, colours }) => ({ name, mean: meanValue(shown, colours) }));
		const of = (name: string): number => means.find((each) => each.name === name)!.mean;
		return means.every(({ mean }) => mean <= of(lightest!) + 1e-6 && mean >= of(darkest!) - 1e-6);
	},
	'climates.merged': (words, shown) => {
		const [, name, , , said] =
			/^In (.+) colours (\d+) and (\d+) touch and are hard to tell, ([\d.]+) ΔE00 apart\.$/.exec(words)!;
		const { colours } = shown.climates.find((each) => each.name === name)!;
		const off = least(borders({ ...shown, colours }));
		return off < 2 && says(Number(said), off, said);
	}
};
