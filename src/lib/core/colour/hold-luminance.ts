import { inGamut } from './gamut';
import { valueToLuminance } from './lab';
import { fromPolar, oklabToLinear } from './oklab';
import { type Triple } from './vector';

/** The Y row of OKLab's cone response to XYZ (CSS Color 4): luminance out of the three cubes. */
const [Y_LONG, Y_MIDDLE, Y_SHORT] = [-0.0405757452148008, 1.112286803280317, -0.0717110580655164];
const ENOUGH = 1e-12;

/** The OKLab lightness at which a colour with this a and b has luminance y (0–1), by Newton's method from a guess. */
function lightnessAt(y: number, a: number, b: number, guess: number): number {
	const long = 0.3963377773761749 * a + 0.2158037573099136 * b;
	const middle = -0.1055613458156586 * a - 0.0638541728258133 * b;
	const short = -0.0894841775298119 * a - 1.2914855480194092 * b;
	let lightness = guess;
	for (let i = 0; i < 20; i++) {
		const l = lightness + long;
		const m = lightness + middle;
		const s = lightness + short;
		const miss = Y_LONG * l * l * l + Y_MIDDLE * m * m * m + Y_SHORT * s * s * s - y;
		const slope = 3 * (Y_LONG * l * l + Y_MIDDLE * m * m + Y_SHORT * s * s);
		if (Math.abs(miss) < ENOUGH || slope <= 0) break;
		lightness -= miss / slope;
	}
	return lightness;
}

/** How much of the way from the grey y to this channel value lies inside 0–1. */
function shareWithin(y: number, channel: number): number {
	if (channel < 0) return y / (y - channel);
	return channel > 1 ? (1 - y) / (channel - y) : 1;
}

/**
 * The colour of this OKLab a and b whose luminance is exactly y (0–1), in linear sRGB. Where no screen can show
 * it, it is drawn in by light towards the neutral of the same luminance: that keeps the luminance, bends nowhere
 * and always ends inside the gamut. A guess of its OKLab lightness makes it quicker.
 */
export function holdLuminance(
	y: number,
	a: number,
	b: number,
	guess: number = Math.cbrt(y)
): { linear: Triple; mapped: boolean } {
	const whole = oklabToLinear(lightnessAt(y, a, b, guess), a, b);
	const [red, green, blue] = whole;
	const share = Math.min(shareWithin(y, red), shareWithin(y, green), shareWithin(y, blue));
	const linear: Triple = [y + (red - y) * share, y + (green - y) * share, y + (blue - y) * share];
	return { linear, mapped: !inGamut(red, green, blue) };
}

/** The colour of this value (L*), OKLab chroma and hue in degrees; what no screen shows is drawn in so that the value holds. */
export function colourOfValue(value: number, chroma: number, hue: number): { linear: Triple; mapped: boolean } {
	const [, a, b] = fromPolar([0, chroma, hue]);
	return holdLuminance(valueToLuminance(value), a, b);
}
