import { srgbToLinear } from './srgb';

/** Each 8-bit code as an encoded channel 0–1. */
export const SHARE_OF_BYTE: Float64Array = Float64Array.from({ length: 256 }, (_, byte) => byte / 255);

/** Linear light of each 8-bit code. */
export const LINEAR_OF_BYTE: Float64Array = Float64Array.from({ length: 256 }, (_, byte) => srgbToLinear(byte / 255));

/** The smallest linear light that rounds to each 8-bit code: half a code below it. */
const LEAST_OF_BYTE = Float64Array.from({ length: 257 }, (_, byte) =>
	byte === 0 ? -Infinity : byte === 256 ? Infinity : srgbToLinear((byte - 0.5) / 255)
);

// A guess looked up by linear light, then put right against the exact thresholds: no power function in the hot path.
const GUESSES = 4096;
const GUESS = Uint8Array.from({ length: GUESSES + 1 }, (_, i) => {
	let byte = 0;
	while (byte < 255 && (LEAST_OF_BYTE[byte + 1] as number) <= i / GUESSES) byte++;
	return byte;
});

/** Linear light to the nearest 8-bit sRGB code; what is under 0 or over 1 is clipped. */
export function linearToByte(linear: number): number {
	if (!(linear > 0)) return 0;
	if (linear >= 1) return 255;
	let byte = GUESS[(linear * GUESSES) | 0] as number;
	while (linear >= (LEAST_OF_BYTE[byte + 1] as number)) byte++;
	return byte;
}

const HEX_OF_BYTE: readonly string[] = Array.from({ length: 256 }, (_, byte) => byte.toString(16).padStart(2, '0'));
const FIRST_OF_BYTE: readonly string[] = HEX_OF_BYTE.map((digits) => `#${digits}`);

/** Three 8-bit codes as `#rrggbb`. */
export function bytesToHex(r: number, g: number, b: number): string {
	return FIRST_OF_BYTE[r]! + HEX_OF_BYTE[g]! + HEX_OF_BYTE[b]!;
}

/** Linear sRGB to `#rrggbb`, each channel to its nearest code, clipped. */
export function linearToHex(r: number, g: number, b: number): string {
	return bytesToHex(linearToByte(r), linearToByte(g), linearToByte(b));
}
