const TWENTY_FIVE_TO_7 = 25 ** 7;
const DEGREES = 180 / Math.PI;
// cos and sin of the fixed angles in T, so that no angle has to be reckoned.
const [COS_30, SIN_30] = [Math.cos(30 / DEGREES), 0.5];
const [COS_6, SIN_6] = [Math.cos(6 / DEGREES), Math.sin(6 / DEGREES)];
const [COS_63, SIN_63] = [Math.cos(63 / DEGREES), Math.sin(63 / DEGREES)];
const [COS_275, SIN_275] = [Math.cos(275 / DEGREES), Math.sin(275 / DEGREES)];
/** Beyond 112.5° from 275° the rotation term is under 1e-8 of its greatest and is left out. */
const COS_ROTATION_END = Math.cos(112.5 / DEGREES);

/**
 * The colour difference CIEDE2000 with all weights 1, between two colours in CIE Lab:
 * G. Sharma, W. Wu, E. N. Dalal, "The CIEDE2000 color-difference formula: implementation notes,
 * supplementary test data, and mathematical observations", Color Research & Application 30 (2005).
 * 0 is no difference, about 1 the least that is seen side by side, about 100 black from white.
 *
 * Hues are kept as directions: cosines of the mean hue come from the two hue vectors, and an angle is only
 * reckoned near 275°, where the rotation term counts. Agrees with the textbook form within 1e-7.
 */
export function ciede2000(l1: number, a1: number, b1: number, l2: number, a2: number, b2: number): number {
	const meanC = (Math.sqrt(a1 * a1 + b1 * b1) + Math.sqrt(a2 * a2 + b2 * b2)) / 2;
	const meanC3 = meanC * meanC * meanC;
	const meanC7 = meanC3 * meanC3 * meanC;
	const stretch = 1.5 - 0.5 * Math.sqrt(meanC7 / (meanC7 + TWENTY_FIVE_TO_7));
	const x1 = a1 * stretch;
	const x2 = a2 * stretch;
	const c1 = Math.sqrt(x1 * x1 + b1 * b1);
	const c2 = Math.sqrt(x2 * x2 + b2 * b2);
	const c = (c1 + c2) / 2;
	const product = c1 * c2;

	const l50 = (l1 + l2) / 2 - 50;
	const dl = (l2 - l1) / (1 + (0.015 * l50 * l50) / Math.sqrt(20 + l50 * l50));
	const dc = (c2 - c1) / (1 + 0.045 * c);
	const lightnessAndChroma = dl * dl + dc * dc;
	// With one of them neutral there is no hue difference, and the rotation term has nothing to turn.
	if (product === 0) return Math.sqrt(lightnessAndChroma);

	// The chord of the hue angle, 2·√(C1C2)·sin(Δh/2), from the cross and dot products of the two hues.
	const dot = x1 * x2 + b1 * b2;
	const cross = x1 * b2 - x2 * b1;
	const chord = (product + dot) / 2;
	const opposite = chord < product * 1e-6;
	const dH = opposite ? oppositeChord(x1, b1, x2, b2, product) : cross / Math.sqrt(chord);

	// The direction of the mean hue. Exactly opposite hues have two, and the textbook's angles decide.
	let cos: number;
	let sin: number;
	if (opposite) {
		const mean = oppositeMean(x1, b1, x2, b2);
		cos = Math.cos(mean);
		sin = Math.sin(mean);
	} else {
		const mx = x1 * c2 + x2 * c1;
		const my = b1 * c2 + b2 * c1;
		const size = 1 / Math.sqrt(mx * mx + my * my);
		cos = mx * size;
		sin = my * size;
	}
	const cos2 = cos * cos - sin * sin;
	const sin2 = 2 * cos * sin;
	const cos3 = cos * cos2 - sin * sin2;
	const sin3 = sin * cos2 + cos * sin2;
	const cos4 = cos2 * cos2 - sin2 * sin2;
	const sin4 = 2 * sin2 * cos2;
	const t =
		1 -
		0.17 * (cos * COS_30 + sin * SIN_30) +
		0.24 * cos2 +
		0.32 * (cos3 * COS_6 - sin3 * SIN_6) -
		0.2 * (cos4 * COS_63 + sin4 * SIN_63);
	const dh = dH / (1 + 0.015 * c * t);

	const towards275 = cos * COS_275 + sin * SIN_275;
	// The published angle does not go round: past 360° it starts again at 0°, far from 275°.
	const wrapped = sin >= 0 && cos > 0;
	if (wrapped || towards275 < COS_ROTATION_END) return Math.sqrt(lightnessAndChroma + dh * dh);
	const off = (Math.atan2(sin * COS_275 - cos * SIN_275, towards275) * DEGREES) / 25;
	const c3 = c * c * c;
	const c7 = c3 * c3 * c;
	const turning = 2 * Math.sqrt(c7 / (c7 + TWENTY_FIVE_TO_7)) * Math.sin((60 * Math.exp(-off * off)) / DEGREES);
	return Math.sqrt(Math.max(0, lightnessAndChroma + dh * dh - turning * dc * dh));
}

/** The textbook's hue difference for hues that are all but opposite, where the vectors cancel. */
function oppositeChord(x1: number, b1: number, x2: number, b2: number, product: number): number {
	let turn = hue(x2, b2) - hue(x1, b1);
	if (turn > 180) turn -= 360;
	else if (turn < -180) turn += 360;
	return 2 * Math.sqrt(product) * Math.sin(turn / 2 / DEGREES);
}

/** The textbook's mean hue, in radians, for hues that are all but opposite. */
function oppositeMean(x1: number, b1: number, x2: number, b2: number): number {
	const h1 = hue(x1, b1);
	const h2 = hue(x2, b2);
	const sum = h1 + h2;
	if (Math.abs(h1 - h2) <= 180) return sum / 2 / DEGREES;
	return (sum < 360 ? sum + 360 : sum - 360) / 2 / DEGREES;
}

function hue(x: number, y: number): number {
	const angle = Math.atan2(y, x) * DEGREES;
	return angle < 0 ? angle + 360 : angle;
}
