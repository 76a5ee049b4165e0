import { type Colour } from '../colour/colour';
import { colourOfValue } from '../colour/hold-luminance';
import { linearToOklch } from '../colour/oklab';
import { type Fitted } from '../colour/shown';
import { hsbToSrgb } from '../colour/hsb';
import { decodeSrgb } from '../colour/srgb';
import { turn, type ReadonlyTriple, type Triple } from '../colour/vector';
import { layDiscs, LAYINGS } from '../mix/layer';
import { Problem } from '../problem';
import { type Method } from '../scale/mixing';
import { mostNeutralOn, neutralBetween } from '../scale/neutral';
import { type Recipe } from '../scale/recipe';
import { makeScale, toStep, type Step } from '../scale/scale';
import { type Dulling } from '../scale/spec';
import { passageBetween } from '../scale/passage';
import { angleOn, turnHue } from './turn-hue';
import { painterToLight, type Wheel } from './wheel';

/** How many hues a chart can have. */
export const HUE_COUNTS = [6, 12, 18, 24] as const;
export type HueCount = (typeof HUE_COUNTS)[number];

/** What the rings of a chart can be. */
export const RING_RECIPES = [
	'tints',
	'shades',
	'tones-rising',
	'tones-level',
	'tones-falling',
	'dulling'
] as const satisfies readonly Recipe[];
export type RingRecipe = (typeof RING_RECIPES)[number];

/** True mixes, or discs laid over each other. */
export const MAKINGS = ['mixed', ...LAYINGS] as const;
export type Making = (typeof MAKINGS)[number];

/** Rings on one side of the hues, at the most. */
export const MOST_RINGS = 8;

/** Rings on one side of the ring of hues. */
export interface Rings {
	readonly recipe: RingRecipe;
	/** 0 to 8 */
	readonly count: number;
}

/** What decides how strong the hues are: one lead colour that is turned, its value held or not; or a value and a chroma. */
export type Strength =
	| { readonly kind: 'lead'; readonly lead: ReadonlyTriple; readonly holdValue: boolean; readonly mapped?: boolean }
	/** Value L* 0–100 and OKLCH chroma. */
	| { readonly kind: 'given'; readonly value: number; readonly chroma: number };

/** What decides a chart of hues: the wheel, how many hues and how strong, the rings on both sides, and how they are made. */
export interface ChartSpec {
	readonly wheel: Wheel;
	readonly hues: HueCount;
	readonly strength: Strength;
	readonly inside: Rings;
	readonly outside: Rings;
	readonly making: Making;
	/** Of true mixes. */
	readonly method: Method;
	/**
	 * What rings are dulled with: the neutral between two opposite hues (if not given), or what they mix to: the quietest of their
	 * mixes, and as discs the opposite hue itself. Film is always of the opposite hue: a grey one would dull nothing.
	 */
	readonly dulling?: Dulling;
	/** Of each disc, 0–1. */
	readonly discStrength: number;
}

/** One hue of a chart with its rings. */
export interface Spoke {
	/** Degrees on the wheel, from its beginning. */
	readonly angle: number;
	/** From the middle of the chart outwards; the hue itself is the step that is a parent. */
	readonly steps: readonly Step[];
}

/** The OKLCH hue, in degrees, of the pure hue at an angle of a wheel. */
function hueAt(wheel: Wheel, angle: number): number {
	if (wheel === 'perceptual') return turn(angle);
	const light = wheel === 'light' ? angle : painterToLight(angle);
	return linearToOklch(decodeSrgb(hsbToSrgb([turn(light), 1, 1])))[2];
}

/**
 * The colour of a hue of a wheel at a given value L* and OKLCH chroma. What no screen shows is drawn in towards the grey of
 * that value, so that the value holds.
 */
function colourOfHue(wheel: Wheel, angle: number, value: number, chroma: number): Fitted {
	return colourOfValue(value, chroma, hueAt(wheel, angle));
}

function hueOf({ wheel, strength }: ChartSpec, turned: number): Fitted {
	if (strength.kind === 'given') return colourOfHue(wheel, turned, strength.value, strength.chroma);
	if (turned === 0) return { linear: [...strength.lead], mapped: strength.mapped ?? false };
	return turnHue(strength.lead, wheel, turned, strength.holdValue);
}

const colourOf = (linear: Triple): Colour => ({ space: 'srgb-linear', channels: linear, alpha: 1 });

/** What a hue is dulled to: the neutral half way to the opposite hue, or the point of their mixes that is nearest to a neutral. */
export const dulledEnd = (
	hue: Triple,
	opposite: Triple,
	{ method, dulling = 'neutral' }: Pick<ChartSpec, 'method' | 'dulling'>
): Triple =>
	dulling === 'neutral'
		? neutralBetween(hue, opposite)
		: mostNeutralOn(passageBetween(hue, opposite, method, false, 'shorter'));

/** The rings of one hue, from the one next to it on. The opposite hue is this chart's own, so that pairs meet in one neutral. */
function ringsOf(hue: Triple, opposite: Triple, { recipe, count }: Rings, spec: ChartSpec): Fitted[] {
	if (count === 0) return [];
	const { making, method, discStrength } = spec;
	const dulls = recipe === 'dulling';
	const film = making === 'multiplied' || (making === 'over' && spec.dulling === 'mixed');
	const end = dulls && (film ? opposite : dulledEnd(hue, opposite, spec));
	const of = end
		? ({ recipe: 'interval', parents: [colourOf(hue), colourOf(end)], method, spacing: 'shares' } as const)
		: ({ recipe, parents: [colourOf(hue)], method, spacing: 'shares' } as const);
	if (making === 'mixed') return [...makeScale({ ...of, between: count }).steps.slice(1, -1)];
	const disc = makeScale({ ...of, between: 0 }).steps[1]!.linear;
	return Array.from({ length: count }, (_, i) => ({
		linear: layDiscs(hue, disc, making, discStrength, i + 1),
		mapped: false
	}));
}

function check({ inside, outside, discStrength }: ChartSpec): void {
	for (const { count } of [inside, outside])
		if (!Number.isInteger(count) || count < 0 || count > MOST_RINGS)
			throw new Problem('count', `${count} rings cannot be made.`, `a whole number from 0 to ${MOST_RINGS}`);
	if (!(discStrength >= 0 && discStrength <= 1))
		throw new Problem('parts', `Discs cannot have a strength of ${discStrength}.`, 'a strength from 0 to 1');
}

/**
 * A wheel as a chart: its hues at equal angles from the lead colour (or from the wheel's beginning), each with rings of
 * tints, shades, tones or dulling on its inside and outside. True mixes are steps between the hue and what it is mixed
 * towards, which itself is left off; dulling goes as far as the neutral. Otherwise the first ring has one disc over the
 * hue, the next two, and so on; the disc is white, black, the grey of the tones, the neutral or the opposite hue.
 * @throws Problem `count` for rings outside 0–8, `parts` for a strength of discs outside 0–1.
 */
export function makeChart(spec: ChartSpec): Spoke[] {
	check(spec);
	const { hues, wheel, strength, inside, outside } = spec;
	const start = strength.kind === 'lead' ? angleOn(wheel, strength.lead) : 0;
	const ring = Array.from({ length: hues }, (_, i) => hueOf(spec, (360 * i) / hues));
	return ring.map((hue, i) => {
		const turned = (360 * i) / hues;
		const opposite = ring[(i + hues / 2) % hues]!.linear;
		const inner = ringsOf(hue.linear, opposite, inside, spec).reverse();
		const outer = ringsOf(hue.linear, opposite, outside, spec);
		const row = [...inner, hue, ...outer];
		const steps = row.map(({ linear, mapped }, at): Step =>
			toStep(linear, mapped, at / Math.max(1, row.length - 1), at === inner.length ? 0 : null, false)
		);
		return { angle: turn(start + turned), steps };
	});
}
