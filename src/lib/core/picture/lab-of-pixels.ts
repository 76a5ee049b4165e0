import { LINEAR_OF_BYTE } from '../colour/bytes';
import { luminanceToValue } from '../colour/lab';
import { shareOfWhite } from '../colour/share-of-white';

/** What each primary at full adds to X, Y and Z, as shares of the white's. */
const [X_RED, Y_RED, Z_RED] = shareOfWhite([1, 0, 0]);
const [X_GREEN, Y_GREEN, Z_GREEN] = shareOfWhite([0, 1, 0]);
const [X_BLUE, Y_BLUE, Z_BLUE] = shareOfWhite([0, 0, 1]);

/** L* of a share of white, at even places: between two of them a straight line is less than 3e-4 off. */
const PARTS = 8192;
const VALUE_AT = Float64Array.from({ length: PARTS + 2 }, (_, i) => luminanceToValue(i / PARTS));

/** L* of a share of white, 0–1. */
function valueOf(share: number): number {
	const place = share * PARTS;
	const i = place | 0;
	const low = VALUE_AT[i]!;
	return low + (VALUE_AT[i + 1]! - low) * (place - i);
}

/**
 * CIE Lab (D65, without adaptation) of every pixel of a plain RGBA buffer, three numbers a pixel into `out`, which is
 * made where none is given. By tables, within 2e-3 of the exact formulas in a and b and 5e-4 in L*; alpha is left aside.
 */
export function labOfPixels(
	rgba: Uint8Array | Uint8ClampedArray,
	out: Float32Array = new Float32Array((3 * rgba.length) / 4)
): Float32Array {
	for (let at = 0, to = 0; at < rgba.length; at += 4, to += 3) {
		const r = LINEAR_OF_BYTE[rgba[at]!]!;
		const g = LINEAR_OF_BYTE[rgba[at + 1]!]!;
		const b = LINEAR_OF_BYTE[rgba[at + 2]!]!;
		const x = valueOf(X_RED * r + X_GREEN * g + X_BLUE * b);
		const y = valueOf(Y_RED * r + Y_GREEN * g + Y_BLUE * b);
		const z = valueOf(Z_RED * r + Z_GREEN * g + Z_BLUE * b);
		out[to] = y;
		// L* = 116 f − 16, so a* = 500 (f(X) − f(Y)) and b* = 200 (f(Y) − f(Z)) follow from three of them.
		out[to + 1] = A_OF_DIFFERENCE * (x - y);
		out[to + 2] = B_OF_DIFFERENCE * (y - z);
	}
	return out;
}

const A_OF_DIFFERENCE = 500 / 116;
const B_OF_DIFFERENCE = 200 / 116;
