import { multiply, type Matrix, type ReadonlyTriple, type Triple } from './vector';

/**
 * The wide spaces of color() in CSS Color 4 (§10 and its sample code, 2022): their codes to XYZ. They are only read: what is given in
 * them is a colour like any other from there on.
 */

const signed = (x: number, curve: (size: number) => number): number => Math.sign(x) * curve(Math.abs(x));
const each = ([r, g, b]: ReadonlyTriple, curve: (size: number) => number): Triple => [
	signed(r, curve),
	signed(g, curve),
	signed(b, curve)
];

/** a98-rgb, which IEC 61966-2-5 has as opRGB: an exponent of 563/256. */
const A98: Matrix = [
	[573536 / 994567, 263643 / 1420810, 187206 / 994567],
	[591459 / 1989134, 6239551 / 9945670, 374412 / 4972835],
	[53769 / 1989134, 351524 / 4972835, 4929758 / 4972835]
];
/** ROMM RGB (ISO 22028-2): an exponent of 1.8, straight under 16/512. */
const PROPHOTO: Matrix = [
	[0.7977666449006423, 0.13518129740053308, 0.0313477341283922],
	[0.2880748288194013, 0.711835234241873, 0.00008993693872564],
	[0, 0, 0.8251046025104602]
];
/** ITU-R BT.2020-2: its own curve, by the constants to all digits. */
const REC2020: Matrix = [
	[63426534 / 99577255, 20160776 / 139408157, 47086771 / 278816314],
	[26158966 / 99577255, 472592308 / 697040785, 8267143 / 139408157],
	[0, 19567812 / 697040785, 295819943 / 278816314]
];
const ALPHA = 1.09929682680944;
const BETA = 0.018053968510807;

/** Encoded a98-rgb 0–1 (unclamped) to XYZ D65. */
export const a98ToXyz = (rgb: ReadonlyTriple): Triple =>
	multiply(
		A98,
		each(rgb, (size) => size ** (563 / 256))
	);

/** Encoded prophoto-rgb 0–1 (unclamped) to XYZ D50. */
export const prophotoToXyzD50 = (rgb: ReadonlyTriple): Triple =>
	multiply(
		PROPHOTO,
		each(rgb, (size) => (size <= 16 / 512 ? size / 16 : size ** 1.8))
	);

/** Encoded rec2020 0–1 (unclamped) to XYZ D65. */
export const rec2020ToXyz = (rgb: ReadonlyTriple): Triple =>
	multiply(
		REC2020,
		each(rgb, (size) => (size < BETA * 4.5 ? size / 4.5 : ((size + ALPHA - 1) / ALPHA) ** (1 / 0.45)))
	);
