import { hsbToSrgb, srgbToHsb } from '../colour/hsb';
import { fromPolar, linearToOklab, linearToOklch } from '../colour/oklab';
import { fittedOklab, type Fitted } from '../colour/shown';
import { decodeSrgb, encodeSrgb } from '../colour/srgb';
import { type ReadonlyTriple } from '../colour/vector';
import { luminance } from '../colour/xyz';
import { holdLuminance } from '../colour/hold-luminance';
import { lightToPainter, painterToLight, type Wheel } from './wheel';

/** Where a colour (linear sRGB 0–1) stands on a wheel, in degrees from its beginning; 0 for a grey. */
export function angleOn(wheel: Wheel, linear: ReadonlyTriple): number {
	if (wheel === 'perceptual') return linearToOklch(linear)[2];
	const [hue] = srgbToHsb(encodeSrgb(linear));
	return wheel === 'light' ? hue : lightToPainter(hue);
}

/** The colour at another angle of a wheel: saturation and brightness stay on the first two, lightness and chroma on the third. */
function placeAt(wheel: Wheel, linear: ReadonlyTriple, angle: number): Fitted {
	if (wheel === 'perceptual') {
		const [lightness, chroma] = linearToOklch(linear);
		return fittedOklab(...fromPolar([lightness, chroma, angle]));
	}
	const [, saturation, brightness] = srgbToHsb(encodeSrgb(linear));
	const hue = wheel === 'light' ? angle : painterToLight(angle);
	return { linear: decodeSrgb(hsbToSrgb([hue, saturation, brightness])), mapped: false };
}

/**
 * Turns a colour (linear sRGB 0–1) on a wheel by some degrees. With `holdValue` its luminance stays as it was, on any
 * wheel; what no screen can show then is drawn in towards the grey of that luminance.
 */
export function turnHue(linear: ReadonlyTriple, wheel: Wheel, degrees: number, holdValue = false): Fitted {
	const turned = placeAt(wheel, linear, angleOn(wheel, linear) + degrees);
	if (!holdValue) return turned;
	const [, a, b] = linearToOklab(...turned.linear);
	const held = holdLuminance(luminance(linear[0], linear[1], linear[2]), a, b);
	return { linear: held.linear, mapped: turned.mapped || held.mapped };
}

/** The colour opposite on a wheel. */
export const complement = (linear: ReadonlyTriple, wheel: Wheel, holdValue = false): Fitted =>
	turnHue(linear, wheel, 180, holdValue);
