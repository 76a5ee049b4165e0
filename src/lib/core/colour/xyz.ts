import { multiply, type Matrix, type ReadonlyTriple, type Triple } from './vector';

/** Linear sRGB to CIE XYZ (D65, Y of white = 1): the exact fractions of CSS Color 4's sample code. */
const LINEAR_TO_XYZ: Matrix = [
	[506752 / 1228815, 87881 / 245763, 12673 / 70218],
	[87098 / 409605, 175762 / 245763, 12673 / 175545],
	[7918 / 409605, 87881 / 737289, 1001167 / 1053270]
];
const XYZ_TO_LINEAR: Matrix = [
	[12831 / 3959, -329 / 214, -1974 / 3959],
	[-851781 / 878810, 1648619 / 878810, 36519 / 878810],
	[705 / 12673, -2585 / 12673, 705 / 667]
];

/** Bradford adaptation between D65 and D50, as CSS Color 4 prints it (W3C csswg-drafts issue 5922). */
const D65_TO_D50: Matrix = [
	[1.0479297925449969, 0.022946870601609652, -0.05019226628920524],
	[0.02962780877005599, 0.9904344267538799, -0.017073799063418826],
	[-0.009243040646204504, 0.015055191490298152, 0.7518742814281371]
];
const D50_TO_D65: Matrix = [
	[0.955473421488075, -0.02309845494876471, 0.06325924320057072],
	[-0.0283697093338637, 1.0099953980813041, 0.021041441191917323],
	[0.012314014864481998, -0.020507649298898964, 1.330365926242124]
];

/** XYZ of the two whites, from their chromaticities (CSS Color 4). */
export const WHITE_D65: ReadonlyTriple = [0.3127 / 0.329, 1, (1 - 0.3127 - 0.329) / 0.329];
/** D50, the white of CIE Lab in CSS and in print; as `WHITE_D65`. */
export const WHITE_D50: ReadonlyTriple = [0.3457 / 0.3585, 1, (1 - 0.3457 - 0.3585) / 0.3585];

/** Luminance weights of linear sRGB: the Y row of the matrix above (0.2126, 0.7152, 0.0722). */
const [, [Y_RED, Y_GREEN, Y_BLUE]] = LINEAR_TO_XYZ;

/** Linear sRGB to XYZ under D65, Y of white = 1. */
export function linearToXyz(linear: ReadonlyTriple): Triple {
	return multiply(LINEAR_TO_XYZ, linear);
}

/** XYZ under D65 (Y of white = 1) to linear sRGB, unclamped. */
export function xyzToLinear(xyz: ReadonlyTriple): Triple {
	return multiply(XYZ_TO_LINEAR, xyz);
}

/** XYZ of a colour under D65 to XYZ of the one that looks alike under D50 (Bradford). */
export function d65ToD50(xyz: ReadonlyTriple): Triple {
	return multiply(D65_TO_D50, xyz);
}

/** XYZ of a colour under D50 to XYZ of the one that looks alike under D65 (Bradford). */
export function d50ToD65(xyz: ReadonlyTriple): Triple {
	return multiply(D50_TO_D65, xyz);
}

/** Luminance Y of linear sRGB, 0–1 within the gamut. */
export function luminance(r: number, g: number, b: number): number {
	return Y_RED * r + Y_GREEN * g + Y_BLUE * b;
}
