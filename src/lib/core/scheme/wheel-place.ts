import { holdLuminance } from '../colour/hold-luminance';
import { hsbToSrgb, srgbToHsb } from '../colour/hsb';
import { fromPolar, linearToOklab, linearToOklch } from '../colour/oklab';
import { fittedOklab, type Fitted } from '../colour/shown';
import { decodeSrgb, encodeSrgb } from '../colour/srgb';
import { type ReadonlyTriple } from '../colour/vector';
import { luminance } from '../colour/xyz';
import { falsePosition } from '../false-position';
import { lightToPainter, painterToLight, type Wheel } from './wheel';

/** Where a colour stands on a wheel. */
export interface Place {
	/** Degrees from the wheel's beginning; 0 for a grey. */
	readonly angle: number;
	/** From the middle: HSB saturation 0–1 on the light and the painter's wheel, OKLCH chroma on the perceptual one. */
	readonly distance: number;
	/** HSB brightness, or OKLCH lightness, 0–1. */
	readonly light: number;
}

/** The distance at which a wheel ends. On the perceptual one hardly any screen colour lies further out. */
export const RIM: Readonly<Record<Wheel, number>> = { light: 1, painter: 1, perceptual: 0.32 };

/** The place of a colour (linear sRGB 0–1) on a wheel. */
export function placeOf(wheel: Wheel, linear: ReadonlyTriple): Place {
	if (wheel === 'perceptual') {
		const [light, distance, angle] = linearToOklch(linear);
		return { angle, distance, light };
	}
	const [hue, distance, light] = srgbToHsb(encodeSrgb(linear));
	return { angle: wheel === 'light' ? hue : lightToPainter(hue), distance, light };
}

/** The colour at a place of a wheel; what no screen shows comes by CSS Color 4 and is marked. */
export function colourAt(wheel: Wheel, { angle, distance, light }: Place): Fitted {
	if (wheel === 'perceptual') return fittedOklab(...fromPolar([light, distance, angle]));
	const hue = wheel === 'light' ? angle : painterToLight(angle);
	return { linear: decodeSrgb(hsbToSrgb([hue, Math.min(1, distance), light])), mapped: distance > 1 };
}

/** A miss in luminance far under what any code can tell. */
const CLOSE = 1e-13;
const MOST_STEPS = 60;

/** The HSB brightness 0–1 at which a rising luminance reaches y, between 0 and a brightness of 1 that is too bright. */
const brightnessAt = (luminanceAt: (brightness: number) => number, y: number, brightest: number): number =>
	falsePosition((brightness) => luminanceAt(brightness) - y, [0, -y], [1, brightest - y], {
		close: CLOSE,
		mostRounds: MOST_STEPS
	});

/**
 * The colour at a place of a wheel with another luminance y (0–1): hue and distance stay as they are while brightness or
 * lightness gives way. Where even full brightness is too dark, or no screen shows it, it is drawn in towards the grey of
 * that luminance and marked.
 */
export function colourAtLuminance(wheel: Wheel, place: Place, y: number): Fitted {
	if (wheel !== 'perceptual') {
		const of = (light: number): Fitted => colourAt(wheel, { ...place, light });
		const brightest = of(1);
		const most = luminance(...brightest.linear);
		if (most >= y) return of(brightnessAt((light) => luminance(...of(light).linear), y, most));
		const [, a, b] = linearToOklab(...brightest.linear);
		return { linear: holdLuminance(y, a, b).linear, mapped: true };
	}
	const [, a, b] = fromPolar([0, place.distance, place.angle]);
	return holdLuminance(y, a, b);
}
