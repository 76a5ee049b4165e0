import { fit } from '../../src/lib/core/colour/shown';
import { readColour } from '../../src/lib/core/colour/read';
import { type Triple } from '../../src/lib/core/colour/vector';
import { converter, differenceCiede2000, wcagContrast, type Color } from 'culori';

/** A colour for culori 4.0.2, by which everything that is said is reckoned again. */
export type Reckoned = Color;

/** A colour of ours (linear sRGB, not rounded) as culori has it. */
export const exact = ([r, g, b]: readonly number[]): Reckoned => ({ mode: 'lrgb', r: r!, g: g!, b: b! });

/** A colour text as a screen shows it, in linear sRGB. */
export const linearOf = (text: string): Triple => fit(readColour(text)).linear;

const lab = converter('lab65');
const lch = converter('oklch');
const hsv = converter('hsv');

export const valueOf = (colour: Reckoned | string): number => lab(colour)!.l;
export const chromaOf = (colour: Reckoned | string): number => lch(colour)!.c;
export const hueOf = (colour: Reckoned | string): number => lch(colour)!.h ?? 0;
export const lightHueOf = (colour: Reckoned | string): number => hsv(colour)!.h ?? 0;
export const apart: (one: Reckoned | string, other: Reckoned | string) => number = differenceCiede2000();
export const contrast = (one: Reckoned, other: Reckoned): number => wcagContrast(one, other);

/** Degrees between two hues, 0 to 180. */
export const between = (one: number, other: number): number => Math.abs(((((one - other) % 360) + 540) % 360) - 180);

/** A grey, as colour-methods.md has it. */
export const isGrey = (colour: Reckoned | string): boolean => chromaOf(colour) < 0.02;

/** The numbers in a sentence, in their order, with a true minus sign read as one. */
export const numbersIn = (words: string): number[] =>
	[...words.matchAll(/[−-]?\d+(?:\.\d+)?/g)].map(([number]) => Number(number.replace('−', '-')));

/** Whether a number said in so many digits is another one, rounded. */
export function says(said: number, real: number, words = String(said)): boolean {
	const digits = /\.(\d+)/.exec(words)?.[1]?.length ?? 0;
	return Math.abs(said - real) <= 0.5 * 10 ** -digits + 0.02;
}

/** Step numbers as they are said: "1, 3 and 5 to 7". */
export function stepsIn(words: string): number[] {
	const found: number[] = [];
	for (const [, from, to] of words.matchAll(/(\d+)(?: to (\d+))?/g))
		for (let step = Number(from); step <= Number(to ?? from); step++) found.push(step);
	return found;
}
