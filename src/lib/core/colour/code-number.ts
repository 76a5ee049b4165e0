import { bytesToHex, LINEAR_OF_BYTE, linearToByte } from './bytes';
import { type Triple } from './vector';

/*
 * An 8-bit sRGB code as one number, 0xrrggbb: where a thousand colours are made and painted in a frame, a text for each would cost
 * more than the colours themselves.
 */

/** Linear sRGB to its code as a number, each channel to its nearest 8-bit code, clipped. */
export const linearToNumber = (r: number, g: number, b: number): number =>
	(linearToByte(r) << 16) | (linearToByte(g) << 8) | linearToByte(b);

/** A code as a number to `#rrggbb`. */
export const numberToHex = (code: number): string => bytesToHex(code >> 16, (code >> 8) & 0xff, code & 0xff);

/** A code `#rrggbb` as a number. */
export const hexToNumber = (hex: string): number => Number.parseInt(hex.slice(1), 16);

/** A code as a number to linear sRGB 0–1. */
export const numberToLinear = (code: number): Triple => [
	LINEAR_OF_BYTE[code >> 16]!,
	LINEAR_OF_BYTE[(code >> 8) & 0xff]!,
	LINEAR_OF_BYTE[code & 0xff]!
];
