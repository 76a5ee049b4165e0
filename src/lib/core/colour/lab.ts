import { cubeRoot } from './cube-root';
import { type ReadonlyTriple, type Triple } from './vector';

/** CIE 15:2018, with the exact fractions for the two constants. */
const EPSILON = 216 / 24389;
const KAPPA = 24389 / 27;

/** The response of CIE Lab to a share of white: a cube root, and straight near black. */
export function labResponse(t: number): number {
	return t > EPSILON ? cubeRoot(t) : (KAPPA * t + 16) / 116;
}

function stimulus(f: number): number {
	const cube = f * f * f;
	return cube > EPSILON ? cube : (116 * f - 16) / KAPPA;
}

/** XYZ (Y of white = 1) to CIE L*a*b* under the white that is given; both in the same adaptation. */
export function xyzToLab(xyz: ReadonlyTriple, white: ReadonlyTriple): Triple {
	const fx = labResponse(xyz[0] / white[0]);
	const fy = labResponse(xyz[1] / white[1]);
	const fz = labResponse(xyz[2] / white[2]);
	return [116 * fy - 16, 500 * (fx - fy), 200 * (fy - fz)];
}

/** CIE L*a*b* (L* 0–100) to XYZ (Y of white = 1) under the white that is given; the inverse of `xyzToLab`. */
export function labToXyz([lightness, a, b]: ReadonlyTriple, white: ReadonlyTriple): Triple {
	const fy = (lightness + 16) / 116;
	return [stimulus(fy + a / 500) * white[0], stimulus(fy) * white[1], stimulus(fy - b / 200) * white[2]];
}

/** Value, as L* 0–100, of a luminance Y 0–1 (CIE 15:2018). */
export function luminanceToValue(y: number): number {
	return 116 * labResponse(y) - 16;
}

/** Luminance Y 0–1 of a value L* 0–100. */
export function valueToLuminance(value: number): number {
	return stimulus((value + 16) / 116);
}
