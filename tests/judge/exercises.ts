import { type SentenceKey } from '../../src/lib/core/sentence-keys';
import { painterAngle } from './rules';
import { apart, between, chromaOf, hueOf, isGrey, numbersIn, says, valueOf, type Reckoned } from './reckon';

/** What an exercise shows, as far as its sentences speak of it; each judge takes what its exercise has. */
export interface ShownExercise {
	/** Figures with what they look like on their grounds, by the model. */
	readonly seen: readonly { readonly figure: Reckoned; readonly ground: Reckoned; readonly looks: Reckoned }[];
	readonly solution: Reckoned | null;
	/** What the solution looks like on both grounds. */
	readonly solutionSeen: readonly Reckoned[];
	readonly solutionFits: boolean;
	/** Mean shifts of value over a row of grounds. */
	readonly shifts: readonly number[];
	/** Pairs that were judged, lighter first, with whether the answer was right. */
	readonly judged: readonly { readonly apart: number; readonly right: boolean }[];
	readonly parents: readonly { readonly colour: Reckoned; readonly name: string; readonly parts: number }[];
	readonly mixes: readonly { readonly name: string; readonly colour: Reckoned; readonly clipped: boolean }[];
	/** Crossings of two neighbours each. */
	readonly crossings: readonly Reckoned[];
	readonly middle: Reckoned | null;
	readonly mixture: Reckoned | null;
	readonly guess: Reckoned | null;
	readonly strokes: readonly Reckoned[];
	readonly tree: readonly (readonly Reckoned[])[];
	/** Strengths and spreads of a series of matches. */
	readonly contrast: {
		readonly value: number;
		readonly colour: number;
		readonly spreads: readonly [number, number];
	} | null;
}

export const NOTHING_SHOWN: ShownExercise = {
	seen: [],
	solution: null,
	solutionSeen: [],
	solutionFits: true,
	shifts: [],
	judged: [],
	parents: [],
	mixes: [],
	crossings: [],
	middle: null,
	mixture: null,
	guess: null,
	strokes: [],
	tree: [],
	contrast: null
};

type Judge = (words: string, shown: ShownExercise) => boolean;

/** OKLCH hues of the hue words, by the pure colours of CSS that have these names or are taught under them. */
export const HUE_WORDS: Readonly<Record<string, number>> = Object.fromEntries(
	Object.entries({
		red: '#ff0000',
		orange: '#ff8000',
		yellow: '#ffff00',
		green: '#00ff00',
		'blue-green': '#00ffff',
		blue: '#0000ff',
		violet: '#8000ff',
		purple: '#ff00ff'
	}).map(([word, code]) => [word, hueOf(code)])
);

/** Whether what is said of a shift from one colour to another is so: lighter or darker, stronger or quieter, towards which hue. */
export function shiftIsSo(words: string, from: Reckoned, to: Reckoned): boolean {
	const [value, chroma] = [valueOf(to) - valueOf(from), chromaOf(to) - chromaOf(from)];
	const said = /(\d+) (lighter|darker)/.exec(words);
	const light = said
		? says(Number(said[1]), Math.abs(value)) && (said[2] === 'lighter') === value > 0
		: Math.abs(value) < 1.01;
	const strength = /stronger|too strong/.test(words)
		? chroma > 0.011
		: /quieter|too quiet/.test(words)
			? chroma < -0.011
			: true;
	const towards = /towards ([a-z-]+)/.exec(words)?.[1];
	const hue =
		towards === undefined || between(hueOf(to), HUE_WORDS[towards]!) < between(hueOf(from), HUE_WORDS[towards]!) + 0.3;
	const grey = /looking grey|it is a grey/.test(words) ? isGrey(to) : true;
	const looking = /looking ([a-z-]+)|it looks ([a-z-]+)/.exec(words);
	const word = looking?.[1] ?? looking?.[2];
	const nearest = Object.entries(HUE_WORDS).reduce((best, each) =>
		between(hueOf(to), each[1]) < between(hueOf(to), best[1]) ? each : best
	)[0];
	const looks = word === undefined || word === 'grey' || (isGrey(from) && word === nearest);
	const still =
		!/^as on a neutral board/.test(words) || (Math.abs(value) < 1.01 && (isGrey(from) || Math.abs(chroma) < 0.0121));
	return light && strength && hue && grey && looks && still;
}

const linear = (colour: Reckoned): readonly number[] => {
	const { r, g, b } = colour as unknown as { r: number; g: number; b: number };
	return [r, g, b];
};

/** Whether each channel of a crossing lies between those of its figures (linear light, as Metelli has it). */
const isBetween = (one: Reckoned, other: Reckoned, crossing: Reckoned): boolean =>
	linear(crossing).every((channel, i) => {
		const ends = [linear(one)[i]!, linear(other)[i]!];
		return channel >= Math.min(...ends) - 1e-5 && channel <= Math.max(...ends) + 1e-5;
	});

/** Light values of the painter's sixths from red on (Goethe, after Itten 1961; tests/reference/area-contrast.json). */
const LIGHT_VALUES = [6, 8, 9, 6, 4, 3, 6];

/** How many times its share in balance the area of each parent is that has the name that a sentence begins with. */
function balancesOf(words: string, { parents }: ShownExercise): number[] {
	const areas = parents.map(({ colour }) => {
		const place = painterAngle(colour) / 60;
		const [from, to] = [LIGHT_VALUES[Math.floor(place)]!, LIGHT_VALUES[Math.floor(place) + 1]!];
		return 12 - (from + (to - from) * (place - Math.floor(place)));
	});
	const sum = (all: readonly number[]): number => all.reduce((whole, each) => whole + each, 0);
	const whole = sum(parents.map(({ parts }) => parts));
	return parents.flatMap(({ name, parts }, i) =>
		words.startsWith(name) ? [parts / whole / (areas[i]! / sum(areas))] : []
	);
}

type Key = Exclude<
	SentenceKey,
	| `scale.${string}`
	| `dulling.${string}`
	| `hue.${string}`
	| `scheme.${string}`
	| `wheel.${string}`
	| `rule.${string}`
	| `pattern.${string}`
	| `colours.${string}`
	| `climates.${string}`
	| 'matching.near'
	| 'matching.look'
	| 'matching.order'
	| 'matching.strip'
	| 'practice.series'
	| 'practice.lean'
	| 'name'
	| 'describe'
>;

/** What each sentence of an exercise claims, reckoned again. */
export const EXERCISE_JUDGES: Readonly<Record<Key, Judge>> = {
	// It asks, and must not say anything of a colour: no number, no direction.
	ask: (words) => !/\d+ (lighter|darker)|ΔE00|L\*/.test(words),
	'grounds.driven-apart': (words, { seen }) => {
		const real = apart(seen[0]!.looks, seen[1]!.looks);
		return says(numbersIn(words)[0]!, real, /[\d.]+/.exec(words)![0]) && words.includes('differ more') === real <= 4;
	},
	'grounds.shift': (words, { seen }) => {
		const { figure, looks } = seen[words.includes('second') ? 1 : 0]!;
		return shiftIsSo(words.split(': ')[1]!, figure, looks);
	},
	'grounds.row': (words, { shifts }) => {
		const said = numbersIn(words.replace(/\+/g, ''));
		return said.every((number) => shifts.some((shift) => says(number, shift)));
	},
	'two-as-one.off': (words, { seen, solution }) =>
		says(numbersIn(words)[0]!, apart(seen[1]!.figure, solution!), /[\d.]+/.exec(words)![0]),
	'two-as-one.unshowable': (_, { solutionFits }) => !solutionFits,
	'like-ground.off': (words, { seen, solutionSeen }) => {
		const looks = words.includes('the best one') ? solutionSeen : seen.map((each) => each.looks);
		const real = [apart(looks[0]!, seen[1]!.ground), apart(looks[1]!, seen[0]!.ground)];
		const said = numbersIn(words.replaceAll('ΔE00', ''));
		return real.every((each, i) => Math.abs(said[i]! - each) < 0.07);
	},
	'edges.border': (words, { seen: [one, other] }) => {
		const [first, second] = [one!.ground, other!.ground];
		const value = Math.abs(valueOf(first) - valueOf(second));
		const hues = between(hueOf(first), hueOf(second));
		const chroma = Math.min(chromaOf(first), chromaOf(second));
		if (words.includes('nearly vanishes')) return value < 6 && apart(first, second) < 12.1;
		if (words.includes('vibrates.')) return value < 6 && chroma > 0.1 && hues > 60;
		const numbers = {
			value: /values are ([\d.]+) L/,
			off: /differ by ([\d.]+) Δ/,
			chroma: /chroma of (\d+\.\d+)/,
			hues: /hues are (\d+)°/
		};
		const real = { value, off: apart(first, second), chroma, hues };
		return (
			(['value', 'off', 'chroma', 'hues'] as const).every((key) => {
				const said = numbers[key].exec(words)?.[1];
				return said === undefined || says(Number(said), real[key], said);
			}) && !(words.includes('values are') && value < 0.5)
		);
	},
	'judging.answer': (words, { judged }) =>
		judged.some(
			({ apart: real, right }) => Math.abs(numbersIn(words)[0]! - real) < 0.8 && words.includes(': right') === right
		),
	'contrast.strengths': (words, { contrast }) => {
		const works = (strength: number): string =>
			strength < -0.02 ? 'contrast' : strength > 0.02 ? 'assimilation' : 'hardly anything';
		return (
			words.includes(`value by ${works(contrast!.value)}`) && words.includes(`colour by ${works(contrast!.colour)}`)
		);
	},
	'contrast.agree': (words, { contrast }) => {
		const [value, colour] = contrast!.spreads;
		return (
			words.includes('left where they started') ||
			words.startsWith('The matches agree') === (value <= 0.1 && colour <= 0.04)
		);
	},
	'ways.extremes': (words, { mixes }) => {
		const values = mixes.map(({ colour }) => valueOf(colour));
		const [, light, most, dark, least] = /Lightest: (.+), (\d+)\. Darkest: (.+), (\d+)\./.exec(words)!;
		const named = (name: string, value: number): boolean =>
			mixes.some((mix) => mix.name.toLowerCase() === name && Math.abs(valueOf(mix.colour) - value) < 0.01);
		return (
			says(Number(most), Math.max(...values)) &&
			says(Number(least), Math.min(...values)) &&
			named(light!, Math.max(...values)) &&
			named(dark!, Math.min(...values))
		);
	},
	'ways.clipped': (words, { mixes }) => mixes.some(({ name, clipped }) => clipped && words.startsWith(name)),
	'optical.same-light': (_, { parents, mixture }) => {
		const whole = parents.reduce((sum, { parts }) => sum + parts, 0);
		const mean = [0, 1, 2].map((i) =>
			parents.reduce((sum, { colour, parts }) => sum + (parts / whole) * linear(colour)[i]!, 0)
		);
		return linear(mixture!).every((channel, i) => Math.abs(channel - mean[i]!) < 1e-6);
	},
	'overlap.verdict': (words, { parents, crossings }) => {
		const [first] = numbersIn(words);
		const [one, other, crossing] = [parents[first! - 1]!.colour, parents[first!]!.colour, crossings[first! - 1]!];
		const value = Math.abs(valueOf(one) - valueOf(other));
		if (words.includes('covers the other')) return Math.min(apart(crossing, one), apart(crossing, other)) < 2.01;
		if (words.includes('one colour')) return apart(one, other) < 2.01;
		if (words.includes('nearly one value')) return value < 5.01 && isBetween(one, other, crossing);
		if (words.includes('does not lie between')) return !isBetween(one, other, crossing);
		if (words.includes('lies between')) return isBetween(one, other, crossing);
		return words.includes('does not read');
	},
	'balance.in': (words, shown) => balancesOf(words, shown).some((ratio) => Math.abs(ratio - 1) < 0.101),
	'balance.out': (words, shown) => {
		const [, ratio] = /has ([\d.]+) times/.exec(words)!;
		return (
			balancesOf(words, shown).some((real) => says(Number(ratio), real, ratio)) &&
			(Number(ratio) <= 0.9 || Number(ratio) >= 1.1)
		);
	},
	'balance.grey': (words, { parents }) => isGrey(parents.find(({ name }) => words.startsWith(name))!.colour),
	'middle.even': (words, { parents, mixture }) =>
		parents
			.slice(0, 2)
			.every(({ colour }) => Math.abs(apart(colour, mixture!) - numbersIn(words.replace('ΔE00', ''))[0]!) < 0.6),
	'middle.leans': (words, { parents, mixture }) => {
		const said = numbersIn(words.replaceAll('ΔE00', ''));
		return parents.slice(0, 2).every(({ colour }, i) => says(said[i]!, apart(colour, mixture!), '0.0'));
	},
	'middle.found': (words, { guess, middle }) =>
		says(numbersIn(words)[0]!, apart(guess!, middle!), /[\d.]+/.exec(words)![0]),
	'halving.tree': (_, { tree }) => tree.every((row, i) => row.length === 2 ** (i + 1) + 1),
	'halving.strokes': (words, { strokes }) => {
		const [first, last] = numbersIn(words.replaceAll('ΔE00', ''));
		return (
			says(first!, apart(strokes[0]!, strokes[1]!), '0.0') &&
			says(last!, apart(strokes.at(-2)!, strokes.at(-1)!), '0.0')
		);
	},
	'matching.score': (words, { seen: [pair] }) => shiftIsSo(words, pair!.figure, pair!.looks)
};
