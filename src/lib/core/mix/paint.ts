import { showLinear } from '../colour/shown';
import { type ReadonlyTriple, type Triple } from '../colour/vector';
import { totalOf, type Part } from './light';
import { BANDS, linearToSpectrum, spectrumToLinear } from './spectrum';

/** Absorption over scattering of a layer that hides its ground, from its reflectance 0–1: P. Kubelka, F. Munk (1931). */
export const absorption = (reflectance: number): number => ((1 - reflectance) * (1 - reflectance)) / (2 * reflectance);

/** Reflectance of a hiding layer from absorption over scattering: the way back. */
export const reflectance = (ks: number): number => 1 + ks - Math.sqrt(ks * ks + 2 * ks);

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
	const curve = linearToSpectrum(linear).map((x) => Math.min(MOST, Math.max(LEAST, x)));
	const painted = spectrumToLinear(curve);
	const left: Triple = [linear[0] - painted[0], linear[1] - painted[1], linear[2] - painted[2]];
	const paint = { ks: curve.map(absorption), left };
	paints.set(linear, paint);
	return paint;
}

/**
 * Paints stirred together: absorption over scattering of their reconstructed reflectances, mixed by concentration
 * (Kubelka–Munk with one constant, D. R. Duncan 1940). Colours in linear sRGB 0–1. What the bounds of a real paint leave
 * out of a colour is carried along in proportion, so that a colour mixed with itself is itself.
 */
export function mixPaint(parts: readonly Part[]): Triple {
	const total = totalOf(parts);
	const mixed = new Float64Array(BANDS);
	const left: Triple = [0, 0, 0];
	for (const { linear, weight } of parts) {
		const share = weight / total;
		const paint = paintOf(linear);
		left[0] += share * paint.left[0];
		left[1] += share * paint.left[1];
		left[2] += share * paint.left[2];
		for (let band = 0; band < BANDS; band++) mixed[band] = mixed[band]! + share * paint.ks[band]!;
	}
	for (let band = 0; band < BANDS; band++) mixed[band] = reflectance(mixed[band]!);
	const painted = spectrumToLinear(mixed);
	return showLinear([painted[0] + left[0], painted[1] + left[1], painted[2] + left[2]]).linear;
}
