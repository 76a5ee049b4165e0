import { ciede2000Textbook } from './ciede2000-textbook';
import { COS_ROTATION_END, hueRotation } from './hue-rotation';

// Plain numbers instead of Math.cos(…) at load: a number that stands in the code costs nothing to fetch in the hot path.
const TWENTY_FIVE_TO_7 = 6103515625;
/** 0.17, 0.32 and 0.20 times the cosines and sines of 30°, 6° and 63°: the terms of T, with no angle to be reckoned. */
const T_COS_30 = 0.14722431864335458;
const T_SIN_30 = 0.085;
const T_COS_6 = 0.3182470065178475;
const T_SIN_6 = 0.03344910824564911;
const T_COS_63 = 0.09079809994790938;
const T_SIN_63 = 0.17820130483767357;
const COS_275 = 0.08715574274765789;
const SIN_275 = -0.9961946980917455;

/**
 * The colour difference CIEDE2000 with all weights 1, between two colours in CIE Lab:
 * G. Sharma, W. Wu, E. N. Dalal, "The CIEDE2000 color-difference formula: implementation notes,
 * supplementary test data, and mathematical observations", Color Research & Application 30 (2005).
 * 0 is no difference, about 1 the least that is seen side by side, about 100 black from white.
 *
 * Hues are kept as directions: cosines of the mean hue come from the two hue vectors, and no angle is ever reckoned. Agrees with the textbook form within 1e-7.
 */
export function ciede2000(l1: number, a1: number, b1: number, l2: number, a2: number, b2: number): number {
	const bb1 = b1 * b1;
	const bb2 = b2 * b2;
	const meanC = (Math.sqrt(a1 * a1 + bb1) + Math.sqrt(a2 * a2 + bb2)) / 2;
	const meanC3 = meanC * meanC * meanC;
	const meanC7 = meanC3 * meanC3 * meanC;
	const stretch = 1.5 - 0.5 * Math.sqrt(meanC7 / (meanC7 + TWENTY_FIVE_TO_7));
	const x1 = a1 * stretch;
	const x2 = a2 * stretch;
	const c1 = Math.sqrt(x1 * x1 + bb1);
	const c2 = Math.sqrt(x2 * x2 + bb2);
	const c = (c1 + c2) / 2;
	const product = c1 * c2;

	const l50 = (l1 + l2) / 2 - 50;
	const root = Math.sqrt(20 + l50 * l50);
	const dl = ((l2 - l1) * root) / (root + 0.015 * l50 * l50);
	const dc = (c2 - c1) / (1 + 0.045 * c);
	const lightnessAndChroma = dl * dl + dc * dc;
	// With one of them neutral there is no hue difference, and the rotation term has nothing to turn.
	if (product === 0) return Math.sqrt(lightnessAndChroma);

	// The chord of the hue angle, 2·√(C1C2)·sin(Δh/2), from the cross and dot products of the two hues.
	const chord = (product + x1 * x2 + b1 * b2) / 2;
	// Where hues are all but opposite the products cancel, and the published angles decide which mean is meant.
	if (chord < product * 1e-6) return ciede2000Textbook(l1, a1, b1, l2, a2, b2);
	const dH = (x1 * b2 - x2 * b1) / Math.sqrt(chord);

	// The direction of the mean hue.
	const mx = x1 * c2 + x2 * c1;
	const my = b1 * c2 + b2 * c1;
	const size = 1 / Math.sqrt(mx * mx + my * my);
	const cos = mx * size;
	const sin = my * size;
	const cos2 = cos * cos - sin * sin;
	const sin2 = 2 * cos * sin;
	const cos3 = cos * cos2 - sin * sin2;
	const sin3 = sin * cos2 + cos * sin2;
	const cos4 = cos2 * cos2 - sin2 * sin2;
	const sin4 = 2 * sin2 * cos2;
	const t =
		1 -
		(T_COS_30 * cos + T_SIN_30 * sin) +
		0.24 * cos2 +
		(T_COS_6 * cos3 - T_SIN_6 * sin3) -
		(T_COS_63 * cos4 + T_SIN_63 * sin4);
	const dh = dH / (1 + 0.015 * c * t);

	const towards275 = cos * COS_275 + sin * SIN_275;
	// The published angle does not go round: past 360° it starts again at 0°, far from 275°.
	const wrapped = sin >= 0 && cos > 0;
	if (wrapped || towards275 < COS_ROTATION_END) return Math.sqrt(lightnessAndChroma + dh * dh);
	const c3 = c * c * c;
	const c7 = c3 * c3 * c;
	const turning = Math.sqrt(c7 / (c7 + TWENTY_FIVE_TO_7)) * hueRotation(towards275);
	return Math.sqrt(Math.max(0, lightnessAndChroma + dh * dh - turning * dc * dh));
}
