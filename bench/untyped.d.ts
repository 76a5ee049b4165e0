/** The parts that the benchmark uses of packages that ship no types. */
declare module 'spectral.js' {
	export class Color {
		constructor(css: string);
		readonly lRGB: readonly number[];
	}
	export function mix(...parts: (readonly [Color, number])[]): Color;
}
declare module 'gifenc' {
	export function quantize(
		rgba: Uint8Array,
		count: number,
		options: { format: 'rgb444' | 'rgb565' }
	): readonly (readonly number[])[];
}
declare module '@texel/color' {
	export interface ColorSpace {
		readonly id: string;
	}
	export const sRGB: ColorSpace;
	export const OKLab: ColorSpace;
	export function hexToRGB(hex: string): number[];
	export function RGBToHex(rgb: readonly number[]): string;
	export function convert(colour: readonly number[], from: ColorSpace, to: ColorSpace): number[];
}
