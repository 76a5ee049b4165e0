import { linearToOklab } from './oklab';
import { type ReadonlyTriple } from './vector';

/** Under this OKLab chroma a colour is a grey: nobody sees its hue, and it has no place on a wheel (our choice). */
export const HUELESS = 0.02;

/** Whether a colour (linear sRGB) is a grey, of which no rule of hue, temperature, adjacency or opposition holds or fails. */
export function isGrey([red, green, blue]: ReadonlyTriple): boolean {
	const [, a, b] = linearToOklab(red, green, blue);
	return Math.sqrt(a * a + b * b) < HUELESS;
}
