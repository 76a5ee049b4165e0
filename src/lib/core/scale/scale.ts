import { valueOf } from '../colour/value-of';
import { linearToHex } from '../colour/bytes';
import { fit, type Fitted } from '../colour/shown';
import { type Triple } from '../colour/vector';
import { differenceOfLinear } from '../difference/lab-of-linear';
import { Problem } from '../problem';
import { planScale, type Fixed, type Pin } from './plan';
import { PARENTS_OF } from './recipe';
import { spaced, type Spacing } from './spacing';
import { type ScaleSpec } from './spec';
import { pointOnPassage, type Passage } from './passage';

/** One colour of a scale, as a screen can show it. */
export interface Step {
	/** Linear sRGB, 0–1, not rounded to codes. */
	readonly linear: Triple;
	/** `#rrggbb` */
	readonly hex: string;
	/** Value as L*, 0–100. */
	readonly value: number;
	/** Where it lies between the ends, 0–1, as a share of the passage. */
	readonly share: number;
	/** Which parent it is, or null where it follows from them. */
	readonly parent: number | null;
	/** Whether it lay outside the screen gamut and was brought into it. */
	readonly mapped: boolean;
	/** Whether it was set by hand. */
	readonly pinned: boolean;
}

/** A scale as it is made: its steps from one end to the other, counted both ways. */
export interface Scale {
	readonly steps: readonly Step[];
	readonly between: number;
	/** Every step counted: between and the two ends. */
	readonly inAll: number;
	/**
	 * Parents of hue steps that are not the purest of their hue: the difference between such an end and the next step holds a leap that
	 * no spacing takes away. `step` counts from 1, `by` is ΔE00 from the parent to the purest of its hue.
	 */
	readonly leaps: readonly { readonly step: number; readonly by: number }[];
}

/** Steps between the ends, at the most. */
export const MOST_BETWEEN = 48;

/**
 * All steps of a scale. Parents and pinned steps come back exactly as they are; n between gives n + 2 in all.
 * @throws Problem `count` for steps between outside 0–48; `parents` when the recipe needs more parents or their places
 * do not fit; `end-grey` for an end grey on the wrong side; `pin` for a pin at an end or two on one step.
 */
export function makeScale(spec: ScaleSpec): Scale {
	const { passage, standing, shares } = layOut(spec);
	const steps = shares.map((share, i) => stepAt(passage, standing[i], share));
	return { steps, between: spec.between, inAll: spec.between + 2, leaps: leapsAt(passage, steps) };
}

/** Up to this ΔE00 an end is the purest of its hue but for the rounding of its code. */
const LEAP = 0.02;

function leapsAt(passage: Passage, steps: readonly Step[]): Scale['leaps'] {
	if (passage.kind !== 'purest') return [];
	return [0, 1].flatMap((share) => {
		const at = share * (steps.length - 1);
		const by = differenceOfLinear(steps[at]!.linear, pointOnPassage(passage, share).linear);
		return by > LEAP ? [{ step: at + 1, by }] : [];
	});
}

/** Only the codes of a scale, `#rrggbb`, for small previews; throws as `makeScale` does. */
export function codesOfScale(spec: ScaleSpec): string[] {
	const { passage, standing, shares } = layOut(spec);
	const codes = new Array<string>(shares.length);
	for (let i = 0; i < shares.length; i++) {
		const { linear } = standing[i] ?? pointOnPassage(passage, shares[i]!);
		codes[i] = linearToHex(linear[0], linear[1], linear[2]);
	}
	return codes;
}

/** The colour of a scale's passage at a share 0–1, whether or not a step stands there; throws as `makeScale` does. */
export function pointOfScale(spec: ScaleSpec, share: number): Fitted {
	return pointOnPassage(layOut(spec).passage, share);
}

/** A scale as something that runs without a break: the colour at any place, and the places at which it bends. */
export interface Unbroken {
	/** The colour at a place from 0, the first step, to the number of intervals, the last; steps stand at the whole numbers. */
	readonly at: (place: number) => Triple;
	/** Where it bends or leaps, and where every step is; rising. */
	readonly bends: readonly number[];
	/** Intervals, from 0, that hold a leap: up to their middle one colour, from there on the passage. */
	readonly leaps: readonly number[];
}

/** The unbroken run under the steps of a scale: it runs as they do, uneven where their spacing is; throws as `makeScale` does. */
export function unbroken(spec: ScaleSpec): Unbroken {
	const { passage, standing, shares } = layOut(spec);
	const last = shares.length - 1;
	const steps = shares.map((share, i) => stepAt(passage, standing[i], share));
	const leaps = leapsAt(passage, steps);
	const leapt = leaps.map(({ step }) => (step === 1 ? 0 : last - 1));
	const at = (place: number): Triple => {
		const step = Math.min(last, Math.max(0, Math.round(place)));
		const held = standing[step];
		const inLeap = leaps.some((leap) => leap.step === step + 1) && Math.abs(place - step) < 0.5;
		if (held && (place === step || inLeap)) return held.linear;
		return pointOnPassage(passage, placeToShare(shares, place)).linear;
	};
	const inner = passage.kind === 'stops' ? passage.ats.slice(1, -1).map((share) => shareToPlace(shares, share)) : [];
	const whole = shares.map((_, step) => step);
	const halves = leapt.map((interval) => interval + 0.5);
	return { at, bends: [...new Set([...whole, ...inner, ...halves])].sort((a, b) => a - b), leaps: leapt };
}

function placeToShare(shares: readonly number[], place: number): number {
	const step = Math.min(shares.length - 2, Math.max(0, Math.floor(place)));
	return shares[step]! + (shares[step + 1]! - shares[step]!) * (place - step);
}

function shareToPlace(shares: readonly number[], share: number): number {
	let step = 0;
	while (step < shares.length - 2 && share >= shares[step + 1]!) step++;
	const width = shares[step + 1]! - shares[step]!;
	return step + (width > 0 ? (share - shares[step]!) / width : 0);
}

/** A scale before its colours are reckoned: its passage, the step that stands at each place, and every step's share. */
interface Layout {
	readonly passage: Passage;
	readonly standing: readonly (Fixed | undefined)[];
	readonly shares: readonly number[];
}

function layOut(spec: ScaleSpec): Layout {
	const { recipe, between, spacing, bias = 0 } = spec;
	if (!Number.isInteger(between) || between < 0 || between > MOST_BETWEEN)
		throw new Problem('count', `${between} steps between cannot be made.`, 'a whole number from 0 to 48');
	const { least, most } = PARENTS_OF[recipe];
	if (spec.parents.length < least)
		throw new Problem('parents', `There are ${spec.parents.length} parents.`, `${least} parents for this recipe`);

	const parents = spec.parents.slice(0, most).map(fit);
	const intervals = between + 1;
	const { passage, fixed } = planScale(spec, parents, fittedPins(spec.pins, intervals));
	const standing = new Array<Fixed | undefined>(intervals + 1).fill(undefined);
	for (const here of fixed) standing[here.step] = here;
	return { passage, standing, shares: sharesBetween(standing, passage, spacing, bias) };
}

/** The shares of all steps: spacing works from one standing step to the next. */
function sharesBetween(standing: Layout['standing'], passage: Passage, spacing: Spacing, bias: number): number[] {
	const intervals = standing.length - 1;
	let shares: number[] | null = null;
	for (let start = 0; start < intervals;) {
		let stop = start + 1;
		while (stop < intervals && !standing[stop]) stop++;
		const part = spaced(passage, spacing, stop - start, bias, start / intervals, stop / intervals);
		shares = shares ? [...shares, ...part.slice(1)] : part;
		start = stop;
	}
	return shares ?? [0];
}

function fittedPins(pins: ScaleSpec['pins'] = [], intervals: number): Pin[] {
	if (pins.length === 0) return [];
	const steps = pins.map(({ step }) => step);
	const fits = steps.every((step) => Number.isInteger(step) && step > 0 && step < intervals);
	if (!fits || new Set(steps).size !== steps.length)
		throw new Problem('pin', 'A step cannot be pinned there.', 'one pin for a step between the ends');
	return pins.map(({ step, colour }) => ({ step, ...fit(colour) }));
}

function stepAt(passage: Passage, here: Fixed | undefined, share: number): Step {
	if (here) return toStep(here.linear, here.mapped, share, here.parent, here.pinned);
	const { linear, mapped } = pointOnPassage(passage, share);
	return toStep(linear, mapped, share, null, false);
}

/** A colour as a step: its code and its value with it. */
export function toStep(linear: Triple, mapped: boolean, share: number, parent: number | null, pinned: boolean): Step {
	const hex = linearToHex(linear[0], linear[1], linear[2]);
	const value = valueOf(linear);
	return { linear, hex, value, share, parent, mapped, pinned };
}
