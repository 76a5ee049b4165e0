import { hsbToSrgb } from './hsb';
import { linearToOklch } from './oklab';
import { decodeSrgb } from './srgb';
import { turn, type Triple } from './vector';

/** The pure hue of the light wheel at an HSB hue in degrees, full in saturation and brightness; linear sRGB. */
const pureHue = (light: number): Triple => decodeSrgb(hsbToSrgb([turn(light), 1, 1]));
const hueOf = (light: number): number => linearToOklch(pureHue(light))[2];

const BLUE = 240;
/**
 * From here to pure blue the OKLCH hue of pure hues stands nearly still and turns back by a sixth of a degree, so that two of them
 * share one hue. They are told apart as if it went on rising evenly: at most 0.3° off, where else there would be a leap.
 */
const STILL = 226;
const STEP = 0.25;

/** OKLCH hues of the pure hues, a quarter of a degree of the light wheel apart, rising from red's. */
function survey(): Float64Array {
	const hues = Float64Array.from({ length: 360 / STEP + 1 }, (_, i) => hueOf(i * STEP));
	for (let i = 1; i < hues.length; i++) while (hues[i]! < hues[i - 1]! - 180) hues[i]! += 360;
	const [start, end] = [STILL / STEP, BLUE / STEP];
	for (let i = start + 1; i < end; i++)
		hues[i] = hues[start]! + ((hues[end]! - hues[start]!) * (i - start)) / (end - start);
	return hues;
}
let surveyed: Float64Array | null = null;

/** How often a place between two of the surveyed hues is corrected; a quarter of a degree is nearly straight. */
const CORRECTIONS = 3;

/**
 * The colour of the greatest chroma that an sRGB screen has at an OKLCH hue in degrees, whatever its value; linear sRGB. It is one
 * of the pure hues of the light wheel, because the edge of the gamut that lies farthest out in every hue is theirs.
 */
export function cuspOf(hue: number): Triple {
	surveyed ??= survey();
	const goal = surveyed[0]! + turn(hue - surveyed[0]!);
	let low = 0;
	let high = surveyed.length - 1;
	while (high - low > 1) {
		const middle = (low + high) >> 1;
		if (surveyed[middle]! <= goal) low = middle;
		else high = middle;
	}
	const slope = (surveyed[high]! - surveyed[low]!) / STEP;
	let light = low * STEP + (goal - surveyed[low]!) / slope;
	if (light > STILL && light < BLUE) return pureHue(light);
	for (let i = 0; i < CORRECTIONS; i++) light += (turn(goal - hueOf(light) + 180) - 180) / slope;
	return pureHue(light);
}
