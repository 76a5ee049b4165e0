import { linearToOklch } from './oklab';
import { type ReadonlyTriple } from './vector';

/**
 * Plain words for colours, for people who see them differently and for screen readers. The hue words and their borders
 * (OKLCH degrees at which a word begins) were set so that the named colours of CSS Color 4 that are one such word
 * (red, orange, yellow, green, blue, purple, pink) get their own name. CSS's "violet" is a light purple, not the trade's violet.
 */
const HUES: readonly (readonly [begins: number, word: string])[] = [
	[0, 'pink'],
	[12, 'red'],
	[40, 'orange'],
	[85, 'yellow'],
	[113, 'yellow-green'],
	[132, 'green'],
	[168, 'blue-green'],
	[210, 'sky blue'],
	[243, 'blue'],
	[285, 'violet'],
	[312, 'purple'],
	[340, 'pink']
];
/** Under this OKLCH chroma nobody names a hue; under the next it is quiet, over the last strong. */
const GREY = 0.02;
const QUIET = 0.08;
const STRONG = 0.17;
const [BLACK, DARK, LIGHT, WHITE] = [0.13, 0.45, 0.8, 0.97] as const;

function greyWord(lightness: number): string {
	if (lightness < BLACK) return 'black';
	if (lightness >= WHITE) return 'white';
	if (lightness < DARK) return 'dark grey';
	return lightness < LIGHT ? 'grey' : 'light grey';
}

function hueWord(lightness: number, chroma: number, hue: number): string {
	const word = [...HUES].reverse().find(([begins]) => hue >= begins)?.[1] ?? 'pink';
	// Dark orange and dark quiet red have a word of their own, and light red is called pink.
	if ((word === 'orange' || (word === 'red' && chroma < 0.12)) && lightness < 0.6) return 'brown';
	if (word === 'red' && lightness >= 0.75) return 'pink';
	if (word === 'purple' && lightness >= 0.75) return 'pink';
	return word;
}

/** A colour (linear sRGB 0–1) in words, such as "dark quiet green", "strong red", "light grey". */
export function colourWords([r, g, b]: ReadonlyTriple): string {
	const [lightness, chroma, hue] = linearToOklch([r, g, b]);
	if (chroma < GREY) return greyWord(lightness);
	const light = lightness < DARK ? 'dark ' : lightness >= LIGHT ? 'light ' : '';
	const strength = chroma < QUIET ? 'quiet ' : chroma >= STRONG ? 'strong ' : '';
	return `${light}${strength}${hueWord(lightness, chroma, hue)}`;
}
