import { linearToHex } from './bytes';
import { luminance } from './xyz';
import { type ReadonlyTriple } from './vector';

/** Dot gain at a half-tone of 50 %, as a share of the paper: the common value for coated offset. */
const DOT_GAIN = 0.2;

/** The neutral with the same luminance as a colour (linear sRGB 0–1), as `#rrggbb`. */
export function ownGrey([r, g, b]: ReadonlyTriple): string {
	const y = luminance(r, g, b);
	return linearToHex(y, y, y);
}

/**
 * The grey ink, 0–100 %, that prints a luminance Y 0–1: Murray–Davies (1936) with paper 1 and ink 0, the
 * effective area enlarged by dot gain, a' = a + 4·0.20·a(1 − a), solved for a. Y is clipped to 0–1.
 */
export function greyInk(y: number): number {
	const effective = 1 - Math.min(1, Math.max(0, y));
	const linear = 1 + 4 * DOT_GAIN;
	const root = Math.sqrt(linear * linear - 4 * (4 * DOT_GAIN) * effective);
	return (100 * (linear - root)) / (2 * 4 * DOT_GAIN);
}
