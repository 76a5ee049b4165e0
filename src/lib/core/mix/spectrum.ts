import { xyzToLinear } from '../colour/xyz';
import { addScaled, type ReadonlyTriple, type Triple } from '../colour/vector';

/** Bands of 10 nm from 400 to 700 nm. */
export const BANDS = 31;
const wavelength = (band: number): number => 400 + 10 * band;

/** One lobe with different widths to its left and right. */
const lobe = (x: number, height: number, centre: number, left: number, right: number): number =>
	height * Math.exp(-0.5 * ((x - centre) * (x < centre ? left : right)) ** 2);

/**
 * The CIE 1931 colour matching functions by the sums of lobes of C. Wyman, P.-P. Sloan, P. Shirley, "Simple analytic
 * approximations to the CIE XYZ color matching functions", Journal of Computer Graphics Techniques 2 (2013), from memory.
 */
function matching(x: number): Triple {
	return [
		lobe(x, 0.362, 442, 0.0624, 0.0374) + lobe(x, 1.056, 599.8, 0.0264, 0.0323) - lobe(x, 0.065, 501.1, 0.049, 0.0382),
		lobe(x, 0.821, 568.8, 0.0213, 0.0247) + lobe(x, 0.286, 530.9, 0.0613, 0.0322),
		lobe(x, 1.217, 437, 0.0845, 0.0278) + lobe(x, 0.681, 459, 0.0385, 0.0725)
	];
}

/** From 0 to 1 about a wavelength, over some nanometres: smooth, as the curves of dyes are. */
const rise = (x: number, middle: number, width: number): number => 1 / (1 + Math.exp(-(x - middle) / width));

/** Reflectances of the three primaries: where one falls the next rises, so that together they are white at every band. */
const PRIMARIES: readonly Triple[] = Array.from({ length: BANDS }, (_, band): Triple => {
	const toGreen = rise(wavelength(band), 500, 11);
	const toRed = rise(wavelength(band), 590, 8);
	return [toRed, toGreen * (1 - toRed), (1 - toGreen) * (1 - toRed)];
});

/** What each band adds to linear sRGB, set so that each primary's curve gives just that primary. */
const SENSORS = balanced();

function balanced(): readonly Triple[] {
	const raw = Array.from({ length: BANDS }, (_, band) => xyzToLinear(matching(wavelength(band))));
	// What the curves give under the plain functions; inverted, it balances light source and primaries at once.
	const response = [0, 1, 2].map((primary) => {
		const sum: Triple = [0, 0, 0];
		raw.forEach((sensor, band) => addScaled(sum, sensor, PRIMARIES[band]![primary]!));
		return sum;
	});
	const back = inverse(response as [Triple, Triple, Triple]);
	return raw.map((sensor) => [0, 1, 2].map((i) => sensor.reduce((sum, x, k) => sum + x * back[k]![i]!, 0)) as Triple);
}

/** The inverse of a matrix of three rows. */
function inverse([a, b, c]: [Triple, Triple, Triple]): [Triple, Triple, Triple] {
	const cross = (p: Triple, q: Triple): Triple => [
		p[1] * q[2] - p[2] * q[1],
		p[2] * q[0] - p[0] * q[2],
		p[0] * q[1] - p[1] * q[0]
	];
	const [x, y, z] = [cross(b, c), cross(c, a), cross(a, b)];
	const size = a[0] * x[0] + a[1] * x[1] + a[2] * x[2];
	return [0, 1, 2].map((i) => [x[i]! / size, y[i]! / size, z[i]! / size]) as [Triple, Triple, Triple];
}

/** The same numbers in one row, three a band, for the innermost loops. */
export const SENSOR_ROW = Float64Array.from(SENSORS.flat());
const PRIMARY_ROW = Float64Array.from(PRIMARIES.flat());

/** A smooth reflectance, band by band, that gives a colour (linear sRGB 0–1) back under `spectrumToLinear`. */
export function linearToSpectrum([r, g, b]: ReadonlyTriple): Float64Array {
	const spectrum = new Float64Array(BANDS);
	for (let band = 0, at = 0; band < BANDS; band++, at += 3)
		spectrum[band] = r * PRIMARY_ROW[at]! + g * PRIMARY_ROW[at + 1]! + b * PRIMARY_ROW[at + 2]!;
	return spectrum;
}

/** The colour of a reflectance, in linear sRGB. */
export function spectrumToLinear(spectrum: Float64Array): Triple {
	let r = 0;
	let g = 0;
	let b = 0;
	for (let band = 0, at = 0; band < BANDS; band++, at += 3) {
		const reflected = spectrum[band]!;
		r += SENSOR_ROW[at]! * reflected;
		g += SENSOR_ROW[at + 1]! * reflected;
		b += SENSOR_ROW[at + 2]! * reflected;
	}
	return [r, g, b];
}
