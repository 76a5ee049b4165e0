import { type SentenceKey } from '../../src/lib/core/sentence-keys';
import {
	apart,
	between,
	chromaOf,
	contrast,
	hueOf,
	isGrey,
	lightHueOf,
	numbersIn,
	says,
	stepsIn,
	valueOf,
	type Reckoned
} from './reckon';

/** The members of a scheme, or the hues of a wheel with their rings, as they are shown. */
export interface ShownColours {
	readonly colours: readonly Reckoned[];
	/** Those, from 1, of which the reckoning said that they were brought into the gamut. */
	readonly mapped: readonly number[];
	/** What the hues of a wheel are called. */
	readonly names?: readonly string[];
	/** The rings that are dulled, hue by hue. */
	readonly dulled?: readonly (readonly Reckoned[])[];
}

type Judge = (words: string, shown: ShownColours) => boolean;

const pairsOf = (colours: readonly Reckoned[]): [number, number][] =>
	colours.flatMap((_, i) => colours.slice(i + 1).map((__, k): [number, number] => [i, i + k + 1]));
const numbersWhere = (colours: readonly Reckoned[], fits: (colour: Reckoned) => boolean): number[] =>
	colours.flatMap((colour, i) => (fits(colour) ? [i + 1] : []));
const same = (one: readonly number[], other: readonly number[]): boolean =>
	JSON.stringify(one) === JSON.stringify(other);
const outside = (words: string, { mapped }: ShownColours): boolean => same(stepsIn(words.split(' lie')[0]!), mapped);
const isWarm = (colour: Reckoned): boolean => !isGrey(colour) && between(lightHueOf(colour), 0) < 90 - 1e-6;
const isCool = (colour: Reckoned): boolean => !isGrey(colour) && between(lightHueOf(colour), 0) > 90 + 1e-6;
const rangeOf = (colours: readonly Reckoned[]): [number, number] => {
	const values = colours.map(valueOf);
	return [Math.min(...values), Math.max(...values)];
};
/** ΔE00 from each hue to the next, round the wheel. */
const round = (colours: readonly Reckoned[]): number[] =>
	colours.map((colour, i) => apart(colour, colours[(i + 1) % colours.length]!));
const bestOf = (colours: readonly Reckoned[]): number =>
	Math.max(...pairsOf(colours).map(([i, k]) => contrast(colours[i]!, colours[k]!)));

/** What each sentence about a scheme claims, reckoned again. */
export const SCHEME_JUDGES: Readonly<Record<Extract<SentenceKey, `scheme.${string}`>, Judge>> = {
	'scheme.value-narrow': (words, { colours }) => {
		const [least, most] = rangeOf(colours);
		return words.includes('one grey') ? most - least < 3.01 : most - least < 20.01;
	},
	'scheme.value': (words, { colours }) => {
		const [least, most] = rangeOf(colours);
		const [from, to] = numbersIn(words);
		return (
			says(from!, least) && says(to!, most) && (words.includes('wide') ? most - least > 54.9 : most - least < 55.1)
		);
	},
	'scheme.temperature': (words, { colours }) => {
		const [warm, cool] = [colours.filter(isWarm).length, colours.filter(isCool).length];
		if (words === 'All of it is warm.') return warm === colours.length;
		if (words === 'All of it is cool.') return cool === colours.length;
		if (words.startsWith('Neither')) return warm + cool === 0;
		if (words.startsWith('Warm')) return cool === 0 && numbersIn(words)[0] === colours.length - warm;
		if (words.startsWith('Cool')) return warm === 0 && numbersIn(words)[0] === colours.length - cool;
		return same(numbersIn(words).slice(0, 2), [warm, cool]);
	},
	'scheme.strength': (words, { colours }) => {
		const [strong, quiet] = [
			numbersWhere(colours, (each) => chromaOf(each) >= 0.17),
			numbersWhere(colours, (each) => chromaOf(each) < 0.08)
		];
		if (words.startsWith('All are strong')) return strong.length === colours.length;
		if (words.startsWith('All are quiet')) return quiet.length === colours.length;
		if (words.startsWith('All are of')) return strong.length + quiet.length === 0;
		const said = (kind: string): number[] => {
			const before = words.slice('Strength: '.length).split(` ${kind}`);
			return before.length > 1 ? stepsIn(before[0]!.split('strong').at(-1)!) : [];
		};
		return same(said('strong'), strong) && same(said('quiet'), quiet);
	},
	'scheme.told-apart': (_, { colours }) => pairsOf(colours).every(([i, k]) => apart(colours[i]!, colours[k]!) > 1.999),
	'scheme.alike': (words, { colours }) => {
		const said = words.slice(words.indexOf(':')).split(';').map(numbersIn);
		const alike = pairsOf(colours).filter(([i, k]) => apart(colours[i]!, colours[k]!) < 2);
		return same(
			said.flat(),
			alike.flatMap(([i, k]) => [i + 1, k + 1])
		);
	},
	'scheme.readable': (words, { colours }) => {
		const [one, other, ratio] = numbersIn(words);
		const real = contrast(colours[one! - 1]!, colours[other! - 1]!);
		const most = Math.abs(real - bestOf(colours)) < 0.02;
		return (
			most && Math.abs(ratio! - real) < 0.06 && (words.includes('large') ? real < 4.51 && real > 2.99 : real > 4.49)
		);
	},
	'scheme.unreadable': (words, { colours }) => bestOf(colours) < 3.01 && numbersIn(words)[2]! < 3,
	'scheme.fits': (_, { mapped }) => mapped.length === 0,
	'scheme.outside': outside
};

/** What each sentence about a wheel claims. */
export const WHEEL_JUDGES: Readonly<Record<Extract<SentenceKey, `wheel.${string}`>, Judge>> = {
	'wheel.one-value': (words, { colours }) => {
		const [least, most] = rangeOf(colours);
		return most - least < 1.01 && says(numbersIn(words)[0]!, valueOf(colours[0]!));
	},
	'wheel.lightest': (words, { colours, names }) => {
		const [least, most] = rangeOf(colours);
		const said = [...words.matchAll(/hue (\d+) \(([^,]+), (\d+)\)/g)];
		return [most, least].every((value, i) => {
			const [, hue, name, number] = said[i]!;
			return (
				says(Number(number), value) &&
				Math.abs(valueOf(colours[Number(hue) - 1]!) - value) < 0.01 &&
				name === names![Number(hue) - 1]
			);
		});
	},
	'wheel.no-hue': (_, { colours }) => Math.max(...round(colours)) < 2.01,
	'wheel.even': (_, { colours }) => Math.max(...round(colours)) < 1.51 * Math.min(...round(colours)),
	'wheel.uneven': (words, { colours }) => {
		const all = round(colours);
		const [from, to, ratio] = numbersIn(words);
		const largest = Math.abs(all[from! - 1]! - Math.max(...all)) < 1e-6 && to! - 1 === from! % colours.length;
		return largest && (words.includes('many') || Math.abs(ratio! / (Math.max(...all) / Math.min(...all)) - 1) < 0.06);
	},
	'wheel.fits': (_, { mapped }) => mapped.length === 0,
	'wheel.outside': outside,
	'wheel.white-film': (words) => /inside|outside/.test(words),
	'wheel.past-neutral': (words, { colours, dulled }) =>
		same(
			stepsIn(words.split('past')[0]!),
			colours.flatMap((hue, i) =>
				dulled![i]!.some((ring) => !isGrey(ring) && !isGrey(hue) && between(hueOf(ring), hueOf(hue)) > 90)
					? [i + 1]
					: []
			)
		)
};
