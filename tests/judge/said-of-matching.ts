import { converter, interpolate } from 'culori';
import { readColour } from '../../src/lib/core/colour/read';
import { fit } from '../../src/lib/core/colour/shown';
import { leansOf, type PracticeResult } from '../../src/lib/core/matching/practice';
import { type SentenceKey } from '../../src/lib/core/sentence-keys';
import { textOf } from '../../src/lib/model/resolve';
import { matchingChecks } from '../../src/lib/plates/matching/plate-checks';
import { matchingExercises } from '../../src/lib/plates/matching/exercises';
import { type AnyMatched } from '../../src/lib/plates/matching/matching-edits';
import { matchedAt } from '../../src/lib/plates/matching/places';
import { type MatchingPlate } from '../../src/lib/plates/matching/schema';
import { HUE_WORDS } from './exercises';
import { apart, between, chromaOf, exact, hueOf, numbersIn, says, valueOf, type Reckoned } from './reckon';

interface Judged {
	readonly key: SentenceKey;
	readonly words: string;
	readonly so: boolean;
}

/** What a person set for a region, and what is true. */
interface Pair {
	readonly name: string;
	readonly yours: Reckoned;
	readonly truth: Reckoned;
}

const lab = converter('oklab');
const reckoned = (text: string): Reckoned => exact(fit(readColour(text)).linear);

/** Whether what the attempt lacks lies towards the colour of a light. */
function lacks({ yours, truth }: Pair, light: Reckoned): boolean {
	const [own, aim, lamp] = [yours, truth, light].map((each) => lab(each)!) as unknown as [
		{ a: number; b: number },
		{ a: number; b: number },
		{ a: number; b: number }
	];
	return (aim.a - own.a) * lamp.a + (aim.b - own.b) * lamp.b > 0;
}

/** What is said to be looked for, by numbers of culori alone. */
function lookIsSo(sentence: string, pair: Pair, plate: MatchingPlate): boolean {
	const { yours, truth } = pair;
	if (sentence.startsWith('So near')) return apart(yours, truth) < 1.05;
	if (sentence.includes('darker than you made')) return valueOf(truth) < valueOf(yours);
	if (sentence.includes('lighter than you made')) return valueOf(truth) > valueOf(yours);
	if (sentence.includes('more grey in it')) return chromaOf(truth) < chromaOf(yours) + 1e-4;
	if (sentence.includes('holds more colour')) return chromaOf(truth) > chromaOf(yours) - 1e-4;
	const towards = /more towards ([a-z-]+)/.exec(sentence)?.[1];
	if (towards) {
		const anchor = HUE_WORDS[towards]!;
		return between(hueOf(truth), anchor) < between(hueOf(yours), anchor) + 0.5;
	}
	const { exercise } = plate;
	if (!('ambient' in exercise)) return false;
	const light = sentence.includes('the lamp') ? exercise.key : exercise.ambient;
	return sentence.includes('holds more of the colour of') && lacks(pair, reckoned(textOf(light, [])));
}

/** The error of an order, after Farnsworth 1943: over all chips but the ends, what both neighbours are off by, less 2. */
function errorOf(order: readonly number[]): number {
	let sum = 0;
	for (let i = 1; i < order.length - 1; i++)
		sum += Math.abs(order[i]! - order[i - 1]!) + Math.abs(order[i]! - order[i + 1]!) - 2;
	return sum;
}

function orderIsSo(words: string, { exercise }: MatchingPlate): boolean {
	if (!('order' in exercise)) return false;
	const error = errorOf(exercise.order);
	const [said = 0, before] = numbersIn(words);
	return said === error && (before === undefined || before === exercise.errors.at(-2));
}

/** The strip beside the way through OKLab, as culori goes it. */
function stripIsSo(words: string, plate: MatchingPlate): boolean {
	const { exercise } = plate;
	if (!('strokes' in exercise)) return false;
	const { made } = matchingExercises.atWork(plate, []) as { made: { strip: readonly (readonly number[])[] } };
	const own = made.strip.map(exact);
	const ends = exercise.parents.map((parent) => reckoned(textOf(parent, []))) as [Reckoned, Reckoned];
	const way = interpolate(ends, 'oklab');
	const best = own.map((_, i) => way(i / (own.length - 1)));
	const steps = (all: readonly Reckoned[]): number => Math.max(...all.slice(1).map((each, i) => apart(all[i]!, each)));
	const off = own.reduce((sum, each, i) => sum + apart(each, best[i]!), 0) / own.length;
	const [count, mean, largest, least] = numbersIn(words.replaceAll('ΔE00', ''));
	const near = (one: number, other: number): boolean => Math.abs(one - other) < 0.08;
	return (
		count === exercise.strokes.length && near(mean!, off) && near(largest!, steps(own)) && near(least!, steps(best))
	);
}

/** The farthest region of the nearest attempt that sets all of them, by culori. */
function matchedOff(plate: MatchingPlate): number | null {
	const found = matchedAt(plate, []);
	if (!found) return null;
	const targets = found.match.regions(found.at).map(({ target }) => exact(target.linear));
	const all = found.at.settings.attempts.filter(({ texts }) => targets.every((_, i) => (texts[i] ?? null) !== null));
	const farthest = all.map(({ texts }) => Math.max(...targets.map((target, i) => apart(reckoned(texts[i]!), target))));
	return farthest.length > 0 ? Math.min(...farthest) : null;
}

/** How far each subject of a practice was set off, by culori. */
function practisedOff(plate: MatchingPlate): { readonly off: number; readonly limit: number }[] {
	const { made } = matchingExercises.atWork(plate, []) as {
		made: {
			done: readonly { target: { linear: readonly number[] }; yours: { linear: readonly number[] }; limit: number }[];
		};
	};
	return made.done.map(({ target, yours, limit }) => ({
		off: apart(exact(yours.linear), exact(target.linear)),
		limit
	}));
}

const practisedIsSo = (words: string, plate: MatchingPlate): boolean =>
	says(numbersIn(words.replaceAll('ΔE00', ''))[0]!, practisedOff(plate).at(-1)!.off, '0.0');

function seriesIsSo(words: string, plate: MatchingPlate): boolean {
	const all = practisedOff(plate);
	const sorted = all.map(({ off }) => off).sort((one, other) => one - other);
	const median = (sorted[Math.floor((sorted.length - 1) / 2)]! + sorted[Math.floor(sorted.length / 2)]!) / 2;
	const [held, count, said] = numbersIn(words.replaceAll('ΔE00', ''));
	return (
		held === all.filter(({ off, limit }) => off < limit).length && count === all.length && says(said!, median, '0.0')
	);
}

/** What is said of an attempt, judged by its colours. */
export function saidOfMatching(plate: MatchingPlate): Judged[] {
	const at = matchingExercises.atWork(plate, []);
	const found = matchedAt(plate, []);
	const texts = (plate.exercise as AnyMatched).attempts?.at(0)?.texts ?? [];
	const pairs = (found?.match.regions(found.at) ?? []).flatMap(({ name, target }, i): Pair[] => {
		const text = texts[i] ?? null;
		return text === null ? [] : [{ name, yours: reckoned(text), truth: exact(target.linear) }];
	});
	const off = pairs.map(({ yours, truth }) => apart(yours, truth));
	const so = (key: SentenceKey, words: string): boolean => {
		if (key === 'ask') return !/\d+ (lighter|darker)|ΔE00|L\*|#/.test(words);
		if (key === 'practice.series') return seriesIsSo(words, plate);
		if (key === 'matching.near' && 'before' in plate.exercise) return practisedIsSo(words, plate);
		if (key === 'matching.order') return orderIsSo(words, plate);
		if (key === 'matching.strip') return stripIsSo(words, plate);
		if (key === 'matching.look') {
			const pair = pairs.find(({ name }) => words.startsWith(`${name}: `));
			return pair !== undefined && lookIsSo(words.slice(pair.name.length + 2), pair, plate);
		}
		const said = numbersIn(words.replaceAll('ΔE00', ''));
		if (pairs.length === 1) return says(said[0]!, off[0]!, '0.0');
		const [near, all, limit, most] = said;
		const farthest = pairs[off.indexOf(Math.max(...off))]!.name.toLowerCase();
		return (
			near === off.filter((each) => each < 3).length &&
			all === pairs.length &&
			limit === 3 &&
			says(most!, Math.max(...off), '0.0') &&
			words.includes(`the farthest is ${farthest}`)
		);
	};
	const verdicts = matchingChecks.judged(plate, []).map(({ key, reason, holds }): Judged => {
		const closest = matchedOff(plate);
		const [said, limit] = numbersIn(reason.replaceAll('ΔE00', ''));
		if (closest === null) return { key, words: reason, so: !holds && said === undefined };
		const digits = /([\d.]+) ΔE00 off/.exec(reason)![1]!;
		return { key, words: reason, so: holds === closest < limit! && says(said!, closest, digits) };
	});
	const remarks = matchingExercises
		.of(plate)
		.remarks(at)
		.map(({ key, words }): Judged => ({ key, words, so: so(key, words) }));
	return [...remarks, ...verdicts];
}

const MEANT: Readonly<Record<string, (result: PracticeResult) => boolean>> = {
	'dark colours': ({ light }) => light < 40,
	'light colours': ({ light }) => light > 65,
	'quiet colours': ({ strength }) => strength < 0.05,
	'strong colours': ({ strength }) => strength > 0.1
};

/** Which way somebody leans, over random series in which dark colours are set too light and grey, judged by counting. */
export function saidOfPractice(next: () => number): Judged[] {
	const bias = 14 * next() - 7;
	const results = Array.from({ length: 40 }, (): PracticeResult => {
		const light = 15 + 75 * next();
		return {
			light,
			strength: 0.16 * next(),
			difference: 10 * next(),
			limit: 5,
			value: (light < 45 ? bias : 0) + 6 * next() - 3,
			chroma: 0.06 * next() - 0.035,
			hue: null
		};
	});
	return leansOf(results).map(({ key, words }): Judged => {
		const [, zone, by, side, count] = /^You set (\w+ colours) (?:(\d+) )?too (\w+) \(median of (\d+)\)\.$/.exec(words)!;
		const own = results.filter(MEANT[zone!]!);
		const errors = own.map(by ? ({ value }) => value : ({ chroma }) => chroma).sort((one, other) => one - other);
		const half = errors.length / 2;
		const median = (errors[Math.ceil(half) - 1]! + errors[Math.floor(half)]!) / 2;
		const isMore = side === 'light' || side === 'strong';
		const so = Number(count) === own.length && median > 0 === isMore && (!by || says(Number(by), Math.abs(median)));
		return { key, words, so };
	});
}
