import { linearToHex } from '../colour/bytes';
import { hsbToSrgb } from '../colour/hsb';
import { fittedOklab } from '../colour/shown';
import { fromPolar } from '../colour/oklab';
import { decodeSrgb } from '../colour/srgb';
import { turn } from '../colour/vector';
import { lightToPainter, painterToLight, type Wheel } from './wheel';

/** How strong the printed hues of a wheel are: short of full, as on paper. */
const SATURATION = 0.86;
const BRIGHTNESS = 0.9;
const LIGHTNESS = 0.7;
const CHROMA = 0.13;

/** So many hues of a wheel, evenly round from its beginning, as codes `#rrggbb`: each of one strength on its wheel. */
export function wheelColours(wheel: Wheel, count: number): string[] {
	return Array.from({ length: count }, (_, i) => {
		const angle = (360 * (i + 0.5)) / count;
		if (wheel === 'perceptual') {
			const { linear } = fittedOklab(...fromPolar([LIGHTNESS, CHROMA, angle]));
			return linearToHex(...linear);
		}
		const hue = wheel === 'light' ? angle : painterToLight(angle);
		return linearToHex(...decodeSrgb(hsbToSrgb([hue, SATURATION, BRIGHTNESS])));
	});
}

/** OKLCH hues at which the light wheel's 270° and 90° stand, for hues of full strength. */
const PERCEPTUAL_WARM = [300, 128] as const;

/**
 * Where the warm half of a wheel begins and ends, in degrees on it, going round with rising angle: from 90° before red to
 * 90° after it on the light wheel (common practice, no source).
 */
export function warmHalf(wheel: Wheel): readonly [number, number] {
	if (wheel === 'light') return [270, 90];
	return wheel === 'painter' ? [lightToPainter(270), lightToPainter(90)] : PERCEPTUAL_WARM;
}

/** Whether an angle of a wheel lies in its warm half. */
export function isWarmAngle(wheel: Wheel, angle: number): boolean {
	const [from, to] = warmHalf(wheel);
	return turn(angle - from) < turn(to - from);
}
