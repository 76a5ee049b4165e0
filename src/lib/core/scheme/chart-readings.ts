import { HUELESS } from '../colour/hueless';
import { type ReadonlyTriple } from '../colour/vector';
import { differenceOfLinear } from '../difference/lab-of-linear';
import { HARD_TO_TELL } from '../scale/readings';
import { holds, look, type Remark } from '../remark';
import { list, runs } from '../scale/remarks';
import { type Step } from '../scale/scale';
import { linearToOklch } from '../colour/oklab';
import { type ChartSpec, type Spoke } from './hue-chart';
import { angleBetween } from '../colour/vector';

/** What is measured round a wheel. Hues count from 1, the first at the top. */
export interface ChartReadings {
	/** L* of each hue, 0–100. */
	readonly values: readonly number[];
	/** ΔE00 between each hue and the next; the last one's to the first. */
	readonly differences: readonly number[];
	/** Hues that lay outside the screen gamut. */
	readonly outOfGamut: readonly number[];
	/** Hues that are hard to tell from the next one. */
	readonly likeNext: readonly number[];
}

/** Measures the ring of the hues themselves. */
export function readHues(hues: readonly Step[]): ChartReadings {
	const next = (i: number): ReadonlyTriple => hues[(i + 1) % hues.length]!.linear;
	const differences = hues.map(({ linear }, i) => differenceOfLinear(linear, next(i)));
	const numbers = (matches: (index: number) => boolean): number[] =>
		hues.flatMap((_, i) => (matches(i) ? [i + 1] : []));
	return {
		values: hues.map(({ value }) => value),
		differences,
		outOfGamut: numbers((i) => hues[i]!.mapped),
		likeNext: numbers((i) => differences[i]! < HARD_TO_TELL)
	};
}

/** Values within this many L* of each other look like one. */
const ONE_VALUE = 1;
/** Under this ratio nobody sees that a wheel is uneven. */
const EVEN = 1.5;

function onValue({ values }: ChartReadings, names: readonly string[]): Remark {
	const [least, most] = [Math.min(...values), Math.max(...values)];
	if (most - least <= ONE_VALUE) return holds('wheel.one-value', `All hues have one value, ${values[0]!.toFixed(0)}.`);
	const [light, dark] = [values.indexOf(most), values.indexOf(least)];
	const said = (i: number): string => `hue ${i + 1} (${names[i]}, ${values[i]!.toFixed(0)})`;
	return holds('wheel.lightest', `The lightest is ${said(light)}, the darkest ${said(dark)}.`);
}

function onEvenness({ differences }: ChartReadings): Remark {
	const [least, most] = [Math.min(...differences), Math.max(...differences)];
	if (most < HARD_TO_TELL)
		return look('wheel.no-hue', 'There is too little chroma to turn: the hues can hardly be told apart.');
	if (most / least <= EVEN) return holds('wheel.even', 'The hues are about evenly spread.');
	const at = differences.indexOf(most);
	const to = ((at + 1) % differences.length) + 1;
	const ratio = least < 0.05 ? 'many' : (most / least).toFixed(1);
	return look('wheel.uneven', `The largest step, from hue ${at + 1} to ${to}, is ${ratio} times the smallest.`);
}

function onGamut({ outOfGamut }: ChartReadings): Remark {
	if (outOfGamut.length === 0) return holds('wheel.fits', 'Every hue fits the screen gamut.');
	const one = outOfGamut.length === 1;
	return look(
		'wheel.outside',
		`${one ? 'Hue' : 'Hues'} ${runs(outOfGamut)} ${one ? 'lies' : 'lie'} outside the screen gamut; the nearest ${one ? 'is' : 'are'} shown.`
	);
}

function onDiscs({ making, inside, outside }: ChartSpec): Remark[] {
	const white = [
		...(inside.count > 0 && inside.recipe === 'tints' ? ['inside'] : []),
		...(outside.count > 0 && outside.recipe === 'tints' ? ['outside'] : [])
	];
	if (making !== 'multiplied' || white.length === 0) return [];
	return [
		look(
			'wheel.white-film',
			`White discs multiplied change nothing: the rings ${list(white)} stay as the hues. Lay them over.`
		)
	];
}

/** A hue that has turned by more than this is on the other side of the neutral. */
const OTHER_SIDE = 90;

/** Whether discs of the opposite hue have carried a ring past the neutral, to the other hue. */
function onPastNeutral(
	{ inside, outside, making, dulling = 'neutral' }: ChartSpec,
	spokes: readonly Spoke[]
): Remark[] {
	const dulls = [inside, outside].some(({ recipe, count }) => recipe === 'dulling' && count > 0);
	if (!dulls || making === 'mixed' || (making === 'over' && dulling === 'neutral')) return [];
	const past = spokes.flatMap(({ steps }, i) => {
		const own = linearToOklch(steps[inside.count]!.linear);
		const rings = [
			...(inside.recipe === 'dulling' ? steps.slice(0, inside.count) : []),
			...(outside.recipe === 'dulling' ? steps.slice(inside.count + 1) : [])
		];
		const turned = rings.some(({ linear }) => {
			const [, chroma, hue] = linearToOklch(linear);
			return chroma >= HUELESS && own[1] >= HUELESS && angleBetween(own[2], hue) > OTHER_SIDE;
		});
		return turned ? [i + 1] : [];
	});
	if (past.length === 0) return [];
	const what = past.length === 1 ? 'hue' : 'hues';
	return [
		look(
			'wheel.past-neutral',
			`The discs carry ${what} ${runs(past)} past the neutral, to the opposite hue: make them thinner or fewer.`
		)
	];
}

/** All that the readings round a wheel come to, in words. `names` are what the hues are called. */
export function remarksOnChart(
	readings: ChartReadings,
	names: readonly string[],
	spec: ChartSpec,
	spokes: readonly Spoke[]
): Remark[] {
	return [
		onValue(readings, names),
		onEvenness(readings),
		onGamut(readings),
		...onDiscs(spec),
		...onPastNeutral(spec, spokes)
	];
}
