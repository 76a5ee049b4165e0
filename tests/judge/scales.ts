import { type Recipe } from '../../src/lib/core/scale/recipe';
import { type SentenceKey } from '../../src/lib/core/sentence-keys';
import { apart, between, chromaOf, hueOf, isGrey, numbersIn, says, stepsIn, valueOf, type Reckoned } from './reckon';

/** A scale as it is shown, for whoever judges what is said of it. */
export interface ShownScale {
	readonly recipe: Recipe;
	readonly steps: readonly Reckoned[];
	readonly parents: readonly Reckoned[];
	/** Intervals, from 0, that are said to hold a leap. */
	readonly leaps: readonly number[];
	/** Steps of which the reckoning said that they were brought into the gamut. */
	readonly mapped: readonly number[];
}

type Judge = (words: string, scale: ShownScale) => boolean;
type ScaleKey = Extract<SentenceKey, `scale.${string}` | `dulling.${string}` | `hue.${string}`>;

const differencesOf = ({ steps }: ShownScale): number[] => steps.slice(1).map((step, i) => apart(steps[i]!, step));
const freeOf = (scale: ShownScale): number[] => differencesOf(scale).filter((_, i) => !scale.leaps.includes(i));
const values = ({ steps }: ShownScale): number[] => steps.map(valueOf);
const last = <T>(all: readonly T[]): T => all.at(-1)!;

/** How far values go up and down in sum. */
function climbs(all: readonly number[]): { up: number; down: number } {
	const steps = all.slice(1).map((value, i) => value - all[i]!);
	const sum = (sign: number) => steps.reduce((whole, step) => whole + Math.max(0, sign * step), 0);
	return { up: sum(1), down: sum(-1) };
}

const sameNumbers = (one: readonly number[], other: readonly number[]): boolean =>
	JSON.stringify(one) === JSON.stringify(other);
const numbersWhere = (all: readonly number[], fits: (value: number) => boolean): number[] =>
	all.flatMap((value, i) => (fits(value) ? [i + 1] : []));
const WHITE: Reckoned = { mode: 'lrgb', r: 1, g: 1, b: 1 };

/** What each sentence about a scale claims, reckoned again. */
export const SCALE_JUDGES: Readonly<Record<ScaleKey, Judge>> = {
	'scale.one-colour': (_, scale) => Math.max(...differencesOf(scale)) < 1e-3,
	'scale.no-step-of-its-own': (_, scale) => freeOf(scale).length === 0,
	'scale.even': (words, scale) => {
		const free = freeOf(scale);
		const [least, most = least] = numbersIn(words.split(': each is ')[1]!.replace('ΔE00', ''));
		const range = [Math.min(...free), Math.max(...free)];
		return range[1]! <= 1.06 * range[0]! && says(least!, range[0]!, '0.0') && says(most!, range[1]!, '0.0');
	},
	'scale.even-sections': (words, scale) => {
		const said = numbersIn(words.split('next: ')[1]!.replace('ΔE00', ''));
		const all = differencesOf(scale);
		return (
			Math.max(...all) > 1.04 * Math.min(...all) &&
			said.every((number) => all.some((each) => says(number, each, '0.0')))
		);
	},
	'scale.nearly-even': (words, scale) => {
		const ratio = Math.max(...freeOf(scale)) / Math.min(...freeOf(scale));
		return ratio > 1.04 && ratio < 1.26 && Math.abs(numbersIn(words)[0]! - ratio) < 0.011;
	},
	'scale.uneven': (words, scale) => {
		const ratio = Math.max(...freeOf(scale)) / Math.min(...freeOf(scale));
		return words.includes('more than 100') ? ratio > 99 : Math.abs(numbersIn(words)[0]! / ratio - 1) < 0.06;
	},
	'scale.level': (words, scale) => {
		const all = values(scale);
		return Math.max(...all) - Math.min(...all) < 1.01 && says(numbersIn(words)[0]!, all[0]!);
	},
	'scale.one-way': (words, scale) => {
		const [all, { up, down }] = [values(scale), climbs(values(scale))];
		const [from, to] = words.match(/from ([\d.]+) to ([\d.]+)/)!.slice(1);
		const rises = words.startsWith('Value rises');
		const goes = rises
			? last(all) > all[0]! && down < 1.01 && Number(to) > Number(from)
			: last(all) < all[0]! && up < 1.01 && Number(to) < Number(from);
		return goes && says(Number(from), all[0]!, from) && says(Number(to), last(all), to);
	},
	'scale.turns': (words, scale) => {
		const all = values(scale);
		const { up, down } = climbs(all);
		const at = [...words.matchAll(/step (\d+) \((\d+)\)/g)];
		return (
			up >= 0.99 &&
			down >= 0.99 &&
			at.every(([, step, value]) => says(Number(value), all[Number(step) - 1]!)) &&
			at.every(([, step]) => Number(step) > 1 && Number(step) < all.length)
		);
	},
	'scale.fits': (_, { mapped }) => mapped.length === 0,
	'scale.outside': (words, { mapped }) => sameNumbers(stepsIn(words.split(' lie')[0]!), mapped),
	'scale.told-apart': (_, scale) => Math.min(...differencesOf(scale)) > 1.999,
	'scale.alike': (words, scale) =>
		sameNumbers(
			stepsIn(words.split(/ (?:is|are) hard/)[0]!),
			numbersWhere(differencesOf(scale), (each) => each < 2)
		),
	'scale.lost': (words, { steps }) =>
		sameNumbers(
			stepsIn(words.split(/ (?:is|are) lost/)[0]!),
			numbersWhere(
				steps.map((step) => apart(step, WHITE)),
				(each) => each < 2
			)
		),
	'dulling.grey': (_, { parents }) => isGrey(parents[0]!),
	'dulling.neutral-step': (words, { steps }) => {
		const middle = steps[numbersIn(words)[0]! - 1]!;
		const mean = (valueOf(steps[0]!) + valueOf(last(steps))) / 2;
		return chromaOf(middle) < 0.005 && Math.abs(valueOf(middle) - mean) < 0.1;
	},
	'dulling.neutral-between': (words, { steps }) => {
		const [one, other] = numbersIn(words);
		return one! + other! === steps.length + 1 && other === one! + 1;
	},
	'dulling.neutral-end': (_, { steps }) => chromaOf(last(steps)) < 0.005,
	'dulling.keeps-colour': (words, { steps }) => {
		const kept = Number(/chroma of (\d\.\d+)/.exec(words)![1]);
		// Of a scale that ends there, the end has it; of one that passes it, no step can have much less.
		return words.includes('the end keeps')
			? says(kept, chromaOf(last(steps)), '0.00')
			: kept >= 0.04 && Math.min(...steps.map(chromaOf)) > kept - 0.011;
	},
	'hue.none': (words, { parents }) => {
		const grey = parents.slice(0, 2).some(isGrey);
		return words.includes('a grey has none') ? grey : !grey && between(hueOf(parents[0]!), hueOf(parents[1]!)) < 5.01;
	},
	'hue.leap': (words, { parents }) => {
		const parent = parents[words.startsWith('The first') ? 0 : 1]!;
		// The purest of a hue, looked for among the pure hues of the light wheel.
		const pure = Array.from({ length: 1440 }, (_, i): Reckoned => ({ mode: 'hsv', h: i / 4, s: 1, v: 1 }));
		const nearest = pure.reduce((best, each) =>
			between(hueOf(each), hueOf(parent)) < between(hueOf(best), hueOf(parent)) ? each : best
		);
		return Math.abs(numbersIn(words)[0]! - apart(parent, nearest)) < 0.6 || between(hueOf(parent), 264) < 1;
	},
	'hue.end-unlike': (words, { steps, parents }) => {
		const [step] = numbersIn(words);
		const parent = parents[words.includes('the first parent and') ? 0 : 1]!;
		const [value, own] = words.match(/value ([\d.]+) instead of ([\d.]+)/)!.slice(1);
		return (
			apart(steps[step! - 1]!, parent) > 0.9 &&
			says(Number(value), valueOf(steps[step! - 1]!), value) &&
			says(Number(own), valueOf(parent), own)
		);
	}
};
