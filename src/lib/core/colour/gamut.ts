import { linearToOklab, oklabToLinear } from './oklab';
import { clip, type Triple } from './vector';

/**
 * How far outside 0–1 a linear channel may lie and still count as inside: well under half an 8-bit code
 * anywhere, well over the rounding of a conversion there and back.
 */
const SLACK = 1e-6;
/** CSS Color 4 §13.2: the just noticeable difference in ΔEOK, and the precision of the search. */
const JND = 0.02;
const EPSILON = 0.0001;

/** Whether a colour in linear sRGB can be shown on an sRGB screen. */
export function inGamut(r: number, g: number, b: number): boolean {
	return r >= -SLACK && r <= 1 + SLACK && g >= -SLACK && g <= 1 + SLACK && b >= -SLACK && b <= 1 + SLACK;
}

/** ΔEOK squared between a colour in OKLab and a colour in linear sRGB. */
function squaredDistance(l: number, a: number, b: number, linear: Triple): number {
	const other = linearToOklab(linear[0], linear[1], linear[2]);
	const dl = l - other[0];
	const da = a - other[1];
	const db = b - other[2];
	return dl * dl + da * da + db * db;
}

/**
 * Gamut mapping to sRGB by CSS Color 4 §13.2: chroma is reduced in OKLCH at held lightness and hue until
 * clipping would not be noticed (ΔEOK < 0.02), then clipped. Takes OKLab (L 0–1), gives linear sRGB 0–1.
 * The hue is held as a direction, so no angle is ever reckoned.
 */
export function mapToGamut(lightness: number, a: number, b: number): Triple {
	if (lightness >= 1) return [1, 1, 1];
	if (lightness <= 0) return [0, 0, 0];
	const start = oklabToLinear(lightness, a, b);
	if (inGamut(start[0], start[1], start[2])) return clipped(start);
	let best = clipped(start);
	if (squaredDistance(lightness, a, b, best) < JND * JND) return best;

	const chroma = Math.sqrt(a * a + b * b);
	let low = 0;
	let high = chroma;
	let lowInGamut = true;
	while (high - low > EPSILON) {
		const share = (low + high) / 2 / chroma;
		const now = oklabToLinear(lightness, a * share, b * share);
		if (lowInGamut && inGamut(now[0], now[1], now[2])) {
			low = share * chroma;
			continue;
		}
		best = clipped(now);
		const distance = Math.sqrt(squaredDistance(lightness, a * share, b * share, best));
		if (distance >= JND) high = share * chroma;
		else if (JND - distance < EPSILON) return best;
		else {
			lowInGamut = false;
			low = share * chroma;
		}
	}
	return best;
}

/** Each channel brought into 0–1 by itself. */
export function clipped(linear: Triple): Triple {
	return [clip(linear[0]), clip(linear[1]), clip(linear[2])];
}
