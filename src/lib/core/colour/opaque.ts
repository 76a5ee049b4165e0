import { linearToHex } from './bytes';
import { type Colour } from './colour';
import { fit } from './shown';
import { decodeSrgb, encodeSrgb } from './srgb';
import { type Triple } from './vector';

/**
 * The code `#rrggbb` of a colour laid over white, as a browser lays it: by its encoded channels (W3C Compositing and Blending Level 1,
 * simple alpha compositing). An opaque one is its own code.
 */
export function onWhite(colour: Colour): string {
	const [red, green, blue] = encodeSrgb(fit(colour).linear);
	const laid = [red, green, blue].map((channel) => channel * colour.alpha + 1 - colour.alpha) as Triple;
	return linearToHex(...decodeSrgb(laid));
}

/** Whether a colour lets something through. */
export const isSeeThrough = ({ alpha }: Colour): boolean => alpha < 1;
