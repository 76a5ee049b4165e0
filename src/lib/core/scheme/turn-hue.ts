import { linearToOklab } from '../colour/oklab';
import { type Fitted } from '../colour/shown';
import { type ReadonlyTriple } from '../colour/vector';
import { luminance } from '../colour/xyz';
import { holdLuminance } from '../colour/hold-luminance';
import { type Wheel } from './wheel';
import { colourAt, placeOf } from './wheel-place';

/** Where a colour (linear sRGB 0–1) stands on a wheel, in degrees from its beginning; 0 for a grey. */
export const angleOn = (wheel: Wheel, linear: ReadonlyTriple): number => placeOf(wheel, linear).angle;

/**
 * Turns a colour (linear sRGB 0–1) on a wheel by some degrees: saturation and brightness stay on the first two, lightness
 * and chroma on the third. With `holdValue` its luminance stays as it was, on any wheel; what no screen can show then is
 * drawn in towards the grey of that luminance.
 */
export function turnHue(linear: ReadonlyTriple, wheel: Wheel, degrees: number, holdValue = false): Fitted {
	const place = placeOf(wheel, linear);
	const turned = colourAt(wheel, { ...place, angle: place.angle + degrees });
	if (!holdValue) return turned;
	const [, a, b] = linearToOklab(...turned.linear);
	const held = holdLuminance(luminance(linear[0], linear[1], linear[2]), a, b);
	return { linear: held.linear, mapped: turned.mapped || held.mapped };
}

/** The colour opposite on a wheel. */
export const complement = (linear: ReadonlyTriple, wheel: Wheel, holdValue = false): Fitted =>
	turnHue(linear, wheel, 180, holdValue);
