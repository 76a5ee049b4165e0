import { linearToHex } from '../colour/bytes';
import { luminanceToValue } from '../colour/lab';
import { fit, type Fitted } from '../colour/shown';
import { type Triple } from '../colour/vector';
import { luminance } from '../colour/xyz';
import { Problem } from '../problem';
import { planScale, type Fixed, type Pin } from './plan';
import { PARENTS_OF } from './recipe';
import { spaced, type Spacing } from './spacing';
import { type ScaleSpec } from './spec';
import { pointOnWay, type Way } from './way';

/** One colour of a scale, as a screen can show it. */
export interface Step {
	/** Linear sRGB, 0–1, not rounded to codes. */
	readonly linear: Triple;
	/** `#rrggbb` */
	readonly hex: string;
	/** Value as L*, 0–100. */
	readonly value: number;
	/** Where it lies between the ends, 0–1, as a share of the way. */
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
}

/** Steps between the ends, at the most. */
export const MOST_BETWEEN = 48;

/**
 * All steps of a scale. Parents and pinned steps come back exactly as they are; n between gives n + 2 in all.
 * @throws Problem `count` for steps between outside 0–48; `parents` when the recipe needs more parents or their places
 * do not fit; `end-grey` for an end grey on the wrong side; `pin` for a pin at an end or two on one step.
 */
export function makeScale(spec: ScaleSpec): Scale {
	const { way, standing, shares } = layOut(spec);
	const steps = shares.map((share, i) => stepAt(way, standing[i], share));
	return { steps, between: spec.between, inAll: spec.between + 2 };
}

/** Only the codes of a scale, `#rrggbb`, for small previews and unbroken gradations; throws as `makeScale` does. */
export function codesOfScale(spec: ScaleSpec): string[] {
	const { way, standing, shares } = layOut(spec);
	const codes = new Array<string>(shares.length);
	for (let i = 0; i < shares.length; i++) {
		const { linear } = standing[i] ?? pointOnWay(way, shares[i]!);
		codes[i] = linearToHex(linear[0], linear[1], linear[2]);
	}
	return codes;
}

/** The colour of a scale's way at a share 0–1, whether or not a step stands there; throws as `makeScale` does. */
export function pointOfScale(spec: ScaleSpec, share: number): Fitted {
	return pointOnWay(layOut(spec).way, share);
}

/** So many codes at even places along the whole way of a scale: the unbroken gradation under its steps. */
export function gradationOf(spec: ScaleSpec, count: number): string[] {
	const { way, shares } = layOut(spec);
	// The gradation runs as the steps do: where their spacing is uneven, so is it.
	return Array.from({ length: count }, (_, i) => {
		const place = (i / (count - 1)) * (shares.length - 1);
		const step = Math.min(shares.length - 2, Math.floor(place));
		const share = shares[step]! + (shares[step + 1]! - shares[step]!) * (place - step);
		const { linear } = pointOnWay(way, share);
		return linearToHex(linear[0], linear[1], linear[2]);
	});
}

/** A scale before its colours are reckoned: its way, the step that stands at each place, and every step's share. */
interface Layout {
	readonly way: Way;
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
	const { way, fixed } = planScale(spec, parents, fittedPins(spec.pins, intervals));
	const standing = new Array<Fixed | undefined>(intervals + 1).fill(undefined);
	for (const here of fixed) standing[here.step] = here;
	return { way, standing, shares: sharesBetween(standing, way, spacing, bias) };
}

/** The shares of all steps: spacing works from one standing step to the next. */
function sharesBetween(standing: Layout['standing'], way: Way, spacing: Spacing, bias: number): number[] {
	const intervals = standing.length - 1;
	let shares: number[] | null = null;
	for (let start = 0; start < intervals;) {
		let stop = start + 1;
		while (stop < intervals && !standing[stop]) stop++;
		const part = spaced(way, spacing, stop - start, bias, start / intervals, stop / intervals);
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

function stepAt(way: Way, here: Fixed | undefined, share: number): Step {
	if (here) return toStep(here.linear, here.mapped, share, here.parent, here.pinned);
	const { linear, mapped } = pointOnWay(way, share);
	return toStep(linear, mapped, share, null, false);
}

/** A colour as a step: its code and its value with it. */
export function toStep(linear: Triple, mapped: boolean, share: number, parent: number | null, pinned: boolean): Step {
	const hex = linearToHex(linear[0], linear[1], linear[2]);
	const value = luminanceToValue(luminance(linear[0], linear[1], linear[2]));
	return { linear, hex, value, share, parent, mapped, pinned };
}
