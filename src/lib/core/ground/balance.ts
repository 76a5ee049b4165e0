import { type ReadonlyTriple } from '../colour/vector';
import { angleOn } from '../scheme/turn-hue';

/** Goethe's light values of the painter's sixths from red on, after Itten (1961): red, orange, yellow, green, blue, violet. */
const LIGHT_VALUES = [6, 8, 9, 6, 4, 3] as const;
/** Each complementary pair of light values adds up to this. */
const PAIR = 12;

/** The light value of an angle on the painter's wheel, 3 (violet) to 9 (yellow), straight between the sixths. */
export function lightValue(angle: number): number {
	const place = (((angle % 360) + 360) % 360) / 60;
	const sixth = Math.floor(place);
	const start = LIGHT_VALUES[sixth]!;
	return start + (LIGHT_VALUES[(sixth + 1) % 6]! - start) * (place - sixth);
}

/**
 * Shares of area, adding up to 1, in which colours (linear sRGB) hold each other in balance: a complementary pair in
 * inverse proportion to its light values. Teaching numbers for full-strength hues; they know nothing of value and chroma.
 */
export function areasInBalance(colours: readonly ReadonlyTriple[]): number[] {
	const areas = colours.map((colour) => PAIR - lightValue(angleOn('painter', colour)));
	const whole = areas.reduce((sum, area) => sum + area, 0);
	return areas.map((area) => area / whole);
}
