import { type ReadonlyTriple, type Triple } from './vector';

/**
 * The transfer curve of sRGB, IEC 61966-2-1:1999.
 * Both directions are odd functions, as CSS Color 4 has it, so that colours outside the gamut keep their sign.
 */

/** Encoded channel (0–1, unclamped) to linear light. */
export function srgbToLinear(encoded: number): number {
	const size = Math.abs(encoded);
	if (size <= 0.04045) return encoded / 12.92;
	return Math.sign(encoded) * ((size + 0.055) / 1.055) ** 2.4;
}

/** Linear light (0–1, unclamped) to encoded channel. */
export function linearToSrgb(linear: number): number {
	const size = Math.abs(linear);
	if (size <= 0.0031308) return linear * 12.92;
	return Math.sign(linear) * (1.055 * size ** (1 / 2.4) - 0.055);
}

/** All three channels of a colour from linear light to encoded. */
export const encodeSrgb = (linear: ReadonlyTriple): Triple => [
	linearToSrgb(linear[0]),
	linearToSrgb(linear[1]),
	linearToSrgb(linear[2])
];

/** All three channels of a colour from encoded to linear light. */
export const decodeSrgb = (rgb: ReadonlyTriple): Triple => [
	srgbToLinear(rgb[0]),
	srgbToLinear(rgb[1]),
	srgbToLinear(rgb[2])
];
