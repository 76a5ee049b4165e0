import { linearToHex } from '../colour/bytes';
import { encodeSrgb, decodeSrgb } from '../colour/srgb';
import { type Triple } from '../colour/vector';
import { differenceOfLinear } from '../difference/lab-of-linear';
import { unbroken, type Unbroken } from './scale';
import { type ScaleSpec } from './spec';

/** A stop of a gradient: its place, from 0 at the first step to 1 at the last, and its code `#rrggbb`. */
export interface GradationStop {
	readonly at: number;
	readonly hex: string;
}

/** No place of a gradient between two stops is farther off than this, in ΔE00, before codes are rounded. */
const NEAR_ENOUGH = 0.15;
const LEAST_WIDTH = 1 / 64;
/** Where between two stops a gradient is looked at. */
const LOOKED_AT = [0.25, 0.5, 0.75] as const;

/** Between two stops a gradient goes straight by the encoded channels, as SVG, PDF and CSS have it. */
function between(one: Triple, other: Triple, share: number): Triple {
	const [from, to] = [encodeSrgb(one), encodeSrgb(other)];
	return decodeSrgb([0, 1, 2].map((i) => from[i]! + (to[i]! - from[i]!) * share) as Triple);
}

/** Places from one to another, the first not among them, so near that the gradient between them is the scale itself. */
function places(scale: Unbroken, from: number, to: number): number[] {
	const [start, end] = [scale.at(from + 1e-9), scale.at(to - 1e-9)];
	const off = LOOKED_AT.some(
		(share) => differenceOfLinear(between(start, end, share), scale.at(from + (to - from) * share)) > NEAR_ENOUGH
	);
	if (!off || to - from <= LEAST_WIDTH) return [to];
	const middle = (from + to) / 2;
	return [...places(scale, from, middle), ...places(scale, middle, to)];
}

/**
 * The unbroken gradation of a scale as stops of a gradient, exact at every step and every parent. Where a scale leaps, as hue steps do
 * from a parent to the purest of its hue, two stops stand at one place. Throws as `makeScale` does.
 */
export function gradationOf(spec: ScaleSpec): GradationStop[] {
	const scale = unbroken(spec);
	const last = scale.bends.at(-1)!;
	const stop = (place: number, linear: Triple): GradationStop => ({ at: place / last, hex: linearToHex(...linear) });
	const stops = [stop(0, scale.at(0))];
	scale.bends.slice(1).forEach((bend, i) => {
		const from = scale.bends[i]!;
		for (const place of places(scale, from, bend)) {
			const leap = scale.leaps.some((interval) => place === interval + 0.5);
			stops.push(stop(place, scale.at(leap ? place - 1e-9 : place)));
			if (leap) stops.push(stop(place, scale.at(place + 1e-9)));
		}
	});
	return stops;
}
