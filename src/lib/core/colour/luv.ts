import { luminanceToValue, valueToLuminance } from './lab';
import { type ReadonlyTriple, type Triple } from './vector';

/** CIE 1976 u′ v′ of XYZ. */
function chromaticity([x, y, z]: ReadonlyTriple): [number, number] {
	const sum = x + 15 * y + 3 * z;
	return sum === 0 ? [0, 0] : [(4 * x) / sum, (9 * y) / sum];
}

/** XYZ (Y of white = 1) to CIE L*u*v* under the white that is given (CIE 15:2018). */
export function xyzToLuv(xyz: ReadonlyTriple, white: ReadonlyTriple): Triple {
	const value = luminanceToValue(xyz[1] / white[1]);
	const [u, v] = chromaticity(xyz);
	const [whiteU, whiteV] = chromaticity(white);
	return value === 0 ? [0, 0, 0] : [value, 13 * value * (u - whiteU), 13 * value * (v - whiteV)];
}

/** CIE L*u*v* (L* 0–100) to XYZ (Y of white = 1) under the white that is given; the inverse of `xyzToLuv`. Black where L* is 0. */
export function luvToXyz([value, u, v]: ReadonlyTriple, white: ReadonlyTriple): Triple {
	if (value === 0) return [0, 0, 0];
	const [whiteU, whiteV] = chromaticity(white);
	const us = u / (13 * value) + whiteU;
	const vs = v / (13 * value) + whiteV;
	const y = valueToLuminance(value) * white[1];
	return [(y * 9 * us) / (4 * vs), y, (y * (12 - 3 * us - 20 * vs)) / (4 * vs)];
}
