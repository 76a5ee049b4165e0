import { HUELESS } from './hueless';
import { linearToOklch } from './oklab';
import { type ReadonlyTriple } from './vector';

/**
 * Plain words for colours, for people who see them differently and for screen readers. Hue words by OKLCH hue (degrees at which a word
 * begins), and where lightness or chroma give a hue another name in the trade (brown, olive, beige, burgundy, lilac, turquoise, navy),
 * that name. The borders were set by the centroids of the ISCC–NBS colour names; `hue-words.test.ts` holds them to those.
 */
const HUES: readonly (readonly [begins: number, word: string])[] = [
	[0, 'pink'],
	[12, 'red'],
	[42, 'orange'],
	[84, 'yellow'],
	[112, 'yellow-green'],
	[132, 'green'],
	[178, 'turquoise'],
	[218, 'blue'],
	[281, 'violet'],
	[312, 'purple'],
	[345, 'pink']
];

/** Under the first OKLCH chroma a colour is quiet, over the second strong. */
const QUIET = 0.06;
const STRONG = 0.17;
const [BLACK, DARK, LIGHT, WHITE] = [0.17, 0.45, 0.8, 0.96] as const;

function greyWord(lightness: number): string {
	if (lightness < BLACK) return 'black';
	if (lightness >= WHITE) return 'white';
	if (lightness < DARK) return 'dark grey';
	return lightness < LIGHT ? 'grey' : 'light grey';
}

/** A region of colours with a name of its own: from and to hues in degrees (over 360 where it goes round), and what else it asks for. */
interface Named {
	readonly word: string;
	readonly from: number;
	readonly to: number;
	readonly is: (lightness: number, chroma: number) => boolean;
}

/** The first that fits is the name. */
const REGIONS: readonly Named[] = [
	{ word: 'burgundy', from: 345, to: 385, is: (l, c) => l < 0.44 && c >= 0.04 && c < 0.16 },
	{ word: 'brown', from: 20, to: 42, is: (l, c) => l < 0.58 && c < 0.12 },
	{ word: 'brown', from: 42, to: 75, is: (l, c) => l < 0.64 - Math.max(0, c - 0.1) * 1.2 },
	{ word: 'brown', from: 75, to: 92, is: (l) => l < 0.62 },
	{ word: 'olive', from: 92, to: 125, is: (l) => l < 0.68 },
	{ word: 'beige', from: 50, to: 105, is: (l, c) => l >= 0.62 && c < (l < 0.75 ? 0.09 : 0.075) },
	{ word: 'pink', from: 345, to: 392, is: (l, c) => l >= 0.72 || (l >= 0.64 && c < 0.16) },
	{ word: 'pink', from: 32, to: 45, is: (l, c) => l >= 0.68 && c < 0.14 },
	{ word: 'lilac', from: 290, to: 345, is: (l, c) => l >= 0.68 && c < 0.16 },
	{ word: 'pink', from: 337, to: 345, is: (l) => l >= 0.66 },
	{ word: 'navy', from: 255, to: 288, is: (l, c) => l < 0.33 && c < 0.2 }
];

function hueWord(lightness: number, chroma: number, hue: number): string {
	const region = REGIONS.find(
		({ from, to, is }) => ((hue >= from && hue < to) || (hue + 360 >= from && hue + 360 < to)) && is(lightness, chroma)
	);
	return region?.word ?? [...HUES].reverse().find(([begins]) => hue >= begins)?.[1] ?? 'pink';
}

/** Names that already say that a colour is dark, or light. */
const SAY_DARK: ReadonlySet<string> = new Set(['burgundy', 'navy', 'brown', 'olive']);
const SAY_LIGHT: ReadonlySet<string> = new Set(['beige', 'lilac', 'pink']);

/** A colour (linear sRGB 0–1) in words, such as "dark quiet green", "strong red", "light grey", "navy". */
export function colourWords([r, g, b]: ReadonlyTriple): string {
	const [lightness, chroma, hue] = linearToOklch([r, g, b]);
	if (chroma < HUELESS) return greyWord(lightness);
	const word = hueWord(lightness, chroma, hue);
	const isDark = lightness < (SAY_DARK.has(word) ? 0.3 : DARK) && word !== 'navy' && word !== 'burgundy';
	const isLight = lightness >= (SAY_LIGHT.has(word) ? 0.9 : LIGHT);
	const strength = chroma < QUIET ? 'quiet ' : chroma >= STRONG && word !== 'navy' ? 'strong ' : '';
	return `${isDark ? 'dark ' : isLight ? 'light ' : ''}${strength}${word}`;
}
