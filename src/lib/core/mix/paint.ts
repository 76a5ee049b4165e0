import { clipped, inGamut, mapToGamut } from '../colour/gamut';
import { linearToOklab } from '../colour/oklab';
import { addScaled, type ReadonlyTriple, type Triple } from '../colour/vector';
import { totalOf, type Part } from './light';
import { BANDS, SENSOR_ROW, linearToSpectrum, spectrumToLinear } from './spectrum';

/** Absorption over scattering of a layer that hides its ground, from its reflectance 0–1: P. Kubelka, F. Munk (1931). */
export const absorption = (reflectance: number): number => ((1 - reflectance) * (1 - reflectance)) / (2 * reflectance);

/** Reflectance of a hiding layer from absorption over scattering: the way back. */
export const reflectance = (ks: number): number => 1 + ks - Math.sqrt(ks * (ks + 2));

/** No paint swallows all light of a band; without this, one drop of pure screen blue would blacken everything. */
const LEAST = 0.015;
/** White pigment scatters, others mostly absorb: no paint is lighter than this. */
const MOST = 0.995;

/** A colour as a paint: its absorption over scattering band by band, and what the bounds of a real paint leave out of it. */
interface Paint {
	readonly ks: Float64Array;
	readonly left: Triple;
}

const paints = new WeakMap<ReadonlyTriple, Paint>();

/** The paint of a colour in linear sRGB; reckoned once for each colour that is at hand. */
function paintOf(linear: ReadonlyTriple): Paint {
	const known = paints.get(linear);
	if (known) return known;
	const curve = linearToSpectrum(linear);
	for (let band = 0; band < BANDS; band++) curve[band] = Math.min(MOST, Math.max(LEAST, curve[band]!));
	const painted = spectrumToLinear(curve);
	const left: Triple = [linear[0] - painted[0], linear[1] - painted[1], linear[2] - painted[2]];
	for (let band = 0; band < BANDS; band++) curve[band] = absorption(curve[band]!);
	const paint = { ks: curve, left };
	paints.set(linear, paint);
	return paint;
}

/** Two paints stirred into one, the second in this share 0–1: absorption over scattering adds up by concentration. */
function stir(one: Paint, other: Paint, share: number): Paint {
	const left: Triple = [0, 0, 0];
	addScaled(left, one.left, 1 - share);
	addScaled(left, other.left, share);
	return { ks: one.ks.map((ks, band) => ks * (1 - share) + other.ks[band]! * share), left };
}

/** What two stirred paints look like, in linear sRGB: the innermost loop of every paint scale, so nothing is built in it. */
function lookOfTwo(one: Paint, other: Paint, share: number): Triple {
	const rest = 1 - share;
	let r = one.left[0] * rest + other.left[0] * share;
	let g = one.left[1] * rest + other.left[1] * share;
	let b = one.left[2] * rest + other.left[2] * share;
	for (let band = 0, at = 0; band < BANDS; band++, at += 3) {
		const reflected = reflectance(one.ks[band]! * rest + other.ks[band]! * share);
		r += SENSOR_ROW[at]! * reflected;
		g += SENSOR_ROW[at + 1]! * reflected;
		b += SENSOR_ROW[at + 2]! * reflected;
	}
	return inGamut(r, g, b) ? clipped([r, g, b]) : mapToGamut(...linearToOklab(r, g, b));
}

/** Two paints in parts 1 − share and share, share 0–1; as `mixPaint`, for the many steps of a scale. */
export function mixTwoPaints(one: ReadonlyTriple, other: ReadonlyTriple, share: number): Triple {
	return lookOfTwo(paintOf(one), paintOf(other), share);
}

/**
 * Paints stirred together: absorption over scattering of their reconstructed reflectances, mixed by concentration
 * (Kubelka–Munk with one constant, D. R. Duncan 1940). Colours in linear sRGB 0–1. What the bounds of a real paint leave
 * out of a colour is carried along in proportion, so that a colour mixed with itself is itself.
 * @throws Problem `parts` where there is nothing to mix.
 */
export function mixPaint(parts: readonly Part[]): Triple {
	const last = parts.length - 1;
	const total = totalOf(parts);
	if (last === 1) return mixTwoPaints(parts[0]!.linear, parts[1]!.linear, parts[1]!.weight / total);
	let all = paintOf(parts[0]!.linear);
	let weight = parts[0]!.weight;
	for (const part of parts.slice(1, last)) {
		weight += part.weight;
		if (part.weight > 0) all = stir(all, paintOf(part.linear), part.weight / weight);
	}
	return lookOfTwo(all, paintOf(parts[last]!.linear), last === 0 ? 1 : parts[last]!.weight / total);
}
