import { linearToHex } from './bytes';
import { toLinear, type Colour } from './colour';
import { inGamut, mapToGamut } from './gamut';
import { linearToOklab } from './oklab';
import { clip, type Triple } from './vector';

/** A colour as an sRGB screen can show it. */
export interface Shown {
	/** Linear sRGB, each channel 0–1. */
	readonly linear: Triple;
	/** `#rrggbb` */
	readonly hex: string;
	/** Whether it had to be brought into the gamut. */
	readonly mapped: boolean;
}

/** Linear sRGB of any reach to what a screen can show; outside the gamut it is mapped by CSS Color 4. */
export function showLinear([r, g, b]: Triple): Shown {
	const fits = inGamut(r, g, b);
	let linear: Triple = [clip(r), clip(g), clip(b)];
	if (!fits) {
		const [lightness, a, bb] = linearToOklab(r, g, b);
		linear = mapToGamut(lightness, a, bb);
	}
	return { linear, hex: linearToHex(linear[0], linear[1], linear[2]), mapped: !fits };
}

export function show(colour: Colour): Shown {
	return showLinear(toLinear(colour));
}
