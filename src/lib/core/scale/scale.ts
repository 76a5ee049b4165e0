import { linearToHex } from '../colour/bytes';
import { luminanceToValue } from '../colour/lab';
import { show } from '../colour/shown';
import { type Triple } from '../colour/vector';
import { luminance } from '../colour/xyz';
import { Problem } from '../problem';
import { planScale, type Fixed } from './plan';
import { PARENTS_OF } from './recipe';
import { spaced } from './spacing';
import { type ScaleSpec } from './spec';
import { pointOnWay } from './way';

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

export interface Scale {
	readonly steps: readonly Step[];
	readonly between: number;
	/** Every step counted: between and the two ends. */
	readonly inAll: number;
}

export const MOST_BETWEEN = 48;

/**
 * All steps of a scale. Parents and pinned steps come back exactly as they are; n between gives n + 2 in all.
 * @throws Problem `count` for steps between outside 0–48; `parents` when the recipe needs more parents or their places
 * do not fit; `end-grey` for an end grey on the wrong side; `pin` for a pin at an end or two on one step.
 */
export function makeScale(spec: ScaleSpec): Scale {
	const { recipe, between, spacing, bias = 0 } = spec;
	if (!Number.isInteger(between) || between < 0 || between > MOST_BETWEEN)
		throw new Problem('count', `${between} steps between cannot be made.`, 'a whole number from 0 to 48');
	const { least, most } = PARENTS_OF[recipe];
	if (spec.parents.length < least)
		throw new Problem('parents', `There are ${spec.parents.length} parents.`, `${least} parents for this recipe`);

	const parents = spec.parents.slice(0, most).map(show);
	const intervals = between + 1;
	const pins = shownPins(spec.pins ?? [], intervals);
	const { way, fixed } = planScale(
		spec,
		parents.map(({ linear }) => linear),
		pins
	);
	const mapped = (step: Fixed): boolean =>
		step.parent !== null ? parents[step.parent]!.mapped : (pins.find((pin) => pin.step === step.step)?.mapped ?? false);

	const steps: Step[] = [];
	const bounds = [...new Set([0, ...fixed.map(({ step }) => step), intervals])];
	for (let section = 0; section < bounds.length - 1; section++) {
		const [start, stop] = [bounds[section]!, bounds[section + 1]!];
		const shares = spaced(way, spacing, stop - start, bias, start / intervals, stop / intervals);
		for (let i = section === 0 ? 0 : 1; i < shares.length; i++) {
			// What is fixed bounds a section.
			const bound = i === 0 || i === shares.length - 1;
			const here = bound ? fixed.find(({ step }) => step === start + i) : undefined;
			const point = here ? { linear: here.linear, mapped: mapped(here) } : pointOnWay(way, shares[i]!);
			steps.push(toStep(point.linear, point.mapped, shares[i]!, here?.parent ?? null, here?.pinned ?? false));
		}
	}
	return { steps, between, inAll: between + 2 };
}

function shownPins(pins: NonNullable<ScaleSpec['pins']>, intervals: number) {
	const steps = pins.map(({ step }) => step);
	const fits = steps.every((step) => Number.isInteger(step) && step > 0 && step < intervals);
	if (!fits || new Set(steps).size !== steps.length)
		throw new Problem('pin', 'A step cannot be pinned there.', 'one pin for a step between the ends');
	return pins.map(({ step, colour }) => ({ step, ...show(colour) }));
}

function toStep(linear: Triple, mapped: boolean, share: number, parent: number | null, pinned: boolean): Step {
	const [r, g, b] = linear;
	return {
		linear,
		hex: linearToHex(r, g, b),
		value: luminanceToValue(luminance(r, g, b)),
		share,
		parent,
		mapped,
		pinned
	};
}
