import { hsbToSrgb, srgbToHsb } from '../colour/hsb';
import { labToXyz, xyzToLab } from '../colour/lab';
import { fromPolar, linearToOklab, linearToOklch, toPolar } from '../colour/oklab';
import { fitted, fittedOklab, type Fitted } from '../colour/shown';
import { decodeSrgb, encodeSrgb } from '../colour/srgb';
import { type Triple } from '../colour/vector';
import { d50ToD65, d65ToD50, linearToXyz, WHITE_D50, xyzToLinear } from '../colour/xyz';

/**
 * How two colours are mixed: straight in OKLab, in CIE Lab (D50), by light (linear sRGB) or on screen (encoded sRGB);
 * or round the wheel in OKLCH, LCh or HSB; or stirred as paint.
 */
export const METHODS = ['oklab', 'lab', 'light', 'screen', 'oklch', 'lch', 'hsb', 'paint'] as const;
export type Method = (typeof METHODS)[number];

/** Where the hue stands among a round method's coordinates, or −1 for a straight one. */
export const HUE_PLACE: Readonly<Record<Method, number>> = {
	oklab: -1,
	lab: -1,
	light: -1,
	screen: -1,
	oklch: 2,
	lch: 2,
	hsb: 0,
	paint: -1
};
/** Where the chroma or saturation stands, and under which size the hue means nothing. */
export const CHROMA_PLACE = 1;
/** The chroma or saturation, in the method's own units, up to which its hue means nothing; 0 where it has no hue. */
export const POWERLESS: Readonly<Record<Method, number>> = {
	oklab: 0,
	lab: 0,
	light: 0,
	screen: 0,
	oklch: 1e-4,
	lch: 0.02,
	hsb: 1e-4,
	paint: 0
};

const toLab = (linear: Triple): Triple => xyzToLab(d65ToD50(linearToXyz(linear)), WHITE_D50);

/** Linear sRGB as the coordinates in which a method mixes, in the ranges of its space: OKLab 0–1, CIE L* 0–100, hues in degrees. */
export function toCoordinates(method: Method, linear: Triple): Triple {
	switch (method) {
		case 'oklab':
			return linearToOklab(linear[0], linear[1], linear[2]);
		case 'lab':
			return toLab(linear);
		case 'light':
		case 'paint':
			return linear;
		case 'screen':
			return encodeSrgb(linear);
		case 'oklch':
			return linearToOklch(linear);
		case 'lch':
			return toPolar(toLab(linear));
		case 'hsb':
			return srgbToHsb(encodeSrgb(linear));
	}
}

const fromLab = (lab: Triple): Fitted => fitted(xyzToLinear(d50ToD65(labToXyz(lab, WHITE_D50))));

/** The colour at these coordinates. Light, screen and HSB mixes of what a screen can show never leave its gamut. */
export function fromCoordinates(method: Method, [x, y, z]: Triple): Fitted {
	switch (method) {
		case 'oklab':
			return fittedOklab(x, y, z);
		case 'lab':
			return fromLab([x, y, z]);
		case 'light':
		case 'paint':
			return { linear: [x, y, z], mapped: false };
		case 'screen':
			return { linear: decodeSrgb([x, y, z]), mapped: false };
		case 'oklch': {
			const [l, a, b] = fromPolar([x, y, z]);
			return fittedOklab(l, a, b);
		}
		case 'lch':
			return fromLab(fromPolar([x, y, z]));
		case 'hsb':
			return { linear: decodeSrgb(hsbToSrgb([x, y, z])), mapped: false };
	}
}
