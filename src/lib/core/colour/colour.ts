import { LINEAR_OF_BYTE } from './bytes';
import { fromPolar, oklabToLinear } from './oklab';
import { hsbToSrgb, hslToSrgb, hwbToSrgb } from './hsb';
import { labToXyz } from './lab';
import { p3ToLinear } from './p3';
import { srgbToLinear } from './srgb';
import { type ReadonlyTriple, type Triple } from './vector';
import { d50ToD65, WHITE_D50, xyzToLinear } from './xyz';

/** The spaces in which a colour can be given. Names are CSS Color 4's where CSS has one. */
export type Space =
	| 'srgb'
	| 'srgb-linear'
	| 'display-p3'
	| 'xyz-d65'
	| 'xyz-d50'
	| 'hsl'
	| 'hsb'
	| 'hwb'
	| 'lab'
	| 'lch'
	| 'oklab'
	| 'oklch';

/**
 * A colour as it was given: its space, its three channels in that space's own units, and its alpha 0–1.
 * srgb, srgb-linear, display-p3, xyz: 0–1 (unclamped). hsl, hsb, hwb: degrees, then 0–1.
 * lab, lch: L* 0–100 under D50. oklab, oklch: 0–1. Hues in degrees.
 */
export interface Colour {
	readonly space: Space;
	readonly channels: ReadonlyTriple;
	readonly alpha: number;
}

/** A channel that is an 8-bit code, as most are, is looked up: the same number, without the power. */
function linearisedChannel(channel: number): number {
	const scaled = channel * 255;
	const byte = scaled & 255;
	return byte === scaled ? LINEAR_OF_BYTE[byte]! : srgbToLinear(channel);
}

const linearised = (rgb: ReadonlyTriple): Triple => [
	linearisedChannel(rgb[0]),
	linearisedChannel(rgb[1]),
	linearisedChannel(rgb[2])
];
const fromOklab = ([l, a, b]: ReadonlyTriple): Triple => oklabToLinear(l, a, b);
const fromLab = (lab: ReadonlyTriple): Triple => xyzToLinear(d50ToD65(labToXyz(lab, WHITE_D50)));

const TO_LINEAR: Readonly<Record<Space, (channels: ReadonlyTriple) => Triple>> = {
	srgb: linearised,
	'srgb-linear': ([r, g, b]) => [r, g, b],
	'display-p3': (p3) => p3ToLinear(linearised(p3)),
	'xyz-d65': xyzToLinear,
	'xyz-d50': (xyz) => xyzToLinear(d50ToD65(xyz)),
	hsl: (hsl) => linearised(hslToSrgb(hsl)),
	hsb: (hsb) => linearised(hsbToSrgb(hsb)),
	hwb: (hwb) => linearised(hwbToSrgb(hwb)),
	lab: fromLab,
	lch: (lch) => fromLab(fromPolar(lch)),
	oklab: fromOklab,
	oklch: (oklch) => fromOklab(fromPolar(oklch))
};

/** Any colour in linear sRGB, unclamped: the one form that all reckoning starts from. Alpha is left aside. */
export function toLinear(colour: Colour): Triple {
	if (colour.space === 'srgb') return linearised(colour.channels);
	return TO_LINEAR[colour.space](colour.channels);
}
