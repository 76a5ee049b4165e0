import { inGamut, mapToGamut } from '../colour/gamut';
import { hsbToSrgb, srgbToHsb } from '../colour/hsb';
import { fromPolar, linearToOklab, oklabToLinear, toPolar } from '../colour/oklab';
import { decodeSrgb, encodeSrgb } from '../colour/srgb';
import { type ReadonlyTriple, type Triple } from '../colour/vector';
import { luminance } from '../colour/xyz';
import { holdLuminance } from '../colour/hold-luminance';
import { lightToPainter, painterToLight, type Wheel } from './wheel';

/** A colour in linear sRGB 0–1, and whether it had to be brought into the gamut. */
export interface Turned {
	readonly linear: Triple;
	readonly mapped: boolean;
}

/** Where a colour (linear sRGB 0–1) stands on a wheel, in degrees from its beginning; 0 for a grey. */
export function angleOn(wheel: Wheel, linear: ReadonlyTriple): number {
	if (wheel === 'perceptual') return toPolar(linearToOklab(linear[0], linear[1], linear[2]))[2];
	const [hue] = srgbToHsb(encodeSrgb(linear));
	return wheel === 'light' ? hue : lightToPainter(hue);
}

/** The colour at another angle of a wheel: saturation and brightness stay on the first two, lightness and chroma on the third. */
function placeAt(wheel: Wheel, linear: ReadonlyTriple, angle: number): Turned {
	if (wheel === 'perceptual') {
		const [lightness, chroma] = toPolar(linearToOklab(linear[0], linear[1], linear[2]));
		const [l, a, b] = fromPolar([lightness, chroma, angle]);
		const whole = oklabToLinear(l, a, b);
		const fits = inGamut(...whole);
		return { linear: fits ? whole : mapToGamut(l, a, b), mapped: !fits };
	}
	const [, saturation, brightness] = srgbToHsb(encodeSrgb(linear));
	const hue = wheel === 'light' ? angle : painterToLight(angle);
	return { linear: decodeSrgb(hsbToSrgb([hue, saturation, brightness])), mapped: false };
}

/**
 * Turns a colour (linear sRGB 0–1) on a wheel by some degrees. With `holdValue` its luminance stays as it was, on any
 * wheel; what no screen can show then is drawn in towards the grey of that luminance.
 */
export function turnHue(linear: ReadonlyTriple, wheel: Wheel, degrees: number, holdValue = false): Turned {
	const turned = placeAt(wheel, linear, angleOn(wheel, linear) + degrees);
	if (!holdValue) return turned;
	const [, a, b] = linearToOklab(...turned.linear);
	const held = holdLuminance(luminance(linear[0], linear[1], linear[2]), a, b);
	return { linear: held.linear, mapped: turned.mapped || held.mapped };
}

/** The colour opposite on a wheel. */
export const complement = (linear: ReadonlyTriple, wheel: Wheel, holdValue = false): Turned =>
	turnHue(linear, wheel, 180, holdValue);
