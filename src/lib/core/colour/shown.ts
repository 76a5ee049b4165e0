import { linearToHex } from './bytes';
import { toLinear, type Colour } from './colour';
import { clipped, inGamut, mapToGamut } from './gamut';
import { linearToOklab, oklabToLinear } from './oklab';
import { type Triple } from './vector';

/** A colour brought into the gamut of an sRGB screen. */
export interface Fitted {
	/** Linear sRGB, each channel 0–1. */
	readonly linear: Triple;
	/** Whether it had to be brought into the gamut. */
	readonly mapped: boolean;
}

/** A colour as an sRGB screen can show it. */
export interface Shown extends Fitted {
	/** `#rrggbb` */
	readonly hex: string;
}

/** Linear sRGB of any reach brought into what a screen can show, by CSS Color 4 where it lies outside. */
export function fitted(linear: Triple): Fitted {
	const r = linear[0];
	const g = linear[1];
	const b = linear[2];
	if (r >= 0 && r <= 1 && g >= 0 && g <= 1 && b >= 0 && b <= 1) return { linear, mapped: false };
	if (inGamut(r, g, b)) return { linear: clipped(linear), mapped: false };
	return { linear: mapToGamut(...linearToOklab(r, g, b)), mapped: true };
}

/** OKLab brought into the gamut by CSS Color 4 where it lies outside. */
export function fittedOklab(lightness: number, a: number, b: number): Fitted {
	const linear = oklabToLinear(lightness, a, b);
	return inGamut(linear[0], linear[1], linear[2])
		? { linear, mapped: false }
		: { linear: mapToGamut(lightness, a, b), mapped: true };
}

/** A colour brought into what a screen can show. */
export const fit = (colour: Colour): Fitted => fitted(toLinear(colour));

/** A colour as a screen shows it: brought into the sRGB gamut, with its code and whether it had to be. */
export function show(colour: Colour): Shown {
	const { linear, mapped } = fit(colour);
	return { linear, hex: linearToHex(linear[0], linear[1], linear[2]), mapped };
}
