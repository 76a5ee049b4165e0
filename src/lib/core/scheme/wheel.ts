import { turn } from '../colour/vector';

/** Light: HSB hue. Painter's: red, yellow, blue are the thirds. Perceptual: OKLCH hue. */
export const WHEELS = ['light', 'painter', 'perceptual'] as const;
export type Wheel = (typeof WHEELS)[number];

/**
 * HSB hue at each sixth of the painter's wheel: red, orange, yellow, green, blue, violet, and red again. The order and
 * the sixths are common teaching (Chevreul 1839, Itten 1961); which screen hue stands for orange and violet is a choice.
 */
const PAINTER_SIXTHS = [0, 30, 60, 120, 240, 280, 360] as const;

/** HSB hue of an angle on the painter's wheel; both in degrees 0–360. */
export function painterToLight(angle: number): number {
	const place = turn(angle) / 60;
	const sixth = Math.floor(place);
	const start = PAINTER_SIXTHS[sixth] ?? 0;
	return start + ((PAINTER_SIXTHS[sixth + 1] ?? 360) - start) * (place - sixth);
}

/** Angle on the painter's wheel of an HSB hue; both in degrees 0–360. */
export function lightToPainter(hue: number): number {
	const light = turn(hue);
	const sixth = PAINTER_SIXTHS.findLastIndex((start) => start <= light);
	const start = PAINTER_SIXTHS[sixth] ?? 0;
	return 60 * (sixth + (light - start) / ((PAINTER_SIXTHS[sixth + 1] ?? 360) - start));
}
