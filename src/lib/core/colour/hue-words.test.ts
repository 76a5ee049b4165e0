import { converter, differenceCiede2000 } from 'culori';
import { lists } from 'color-name-lists';
import { describe, expect, it } from 'vitest';
import { randomHex, seeded } from '../../../../tests/support/colours';
import { toLinear } from './colour';
import { colourWords } from './hue-words';
import { readColour } from './read';

const words = (code: string): string => colourWords(toLinear(readColour(code)));
/** Without how light and how strong it is. */
const baseOf = (said: string): string => said.replace(/\b(dark|light|strong|quiet) /g, '');

/** What each hue term of the ISCC–NBS names (NBS Circular 553, 1955) may be called in our words; the last term of a name decides. */
const TERMS: Readonly<Record<string, readonly string[]>> = {
	pink: ['pink'],
	'yellowish pink': ['pink', 'orange', 'beige'],
	'purplish pink': ['pink', 'lilac', 'purple'],
	'brownish pink': ['pink', 'beige', 'brown'],
	red: ['red', 'burgundy'],
	'purplish red': ['red', 'burgundy', 'pink', 'purple'],
	'reddish orange': ['red', 'orange'],
	'reddish brown': ['brown', 'burgundy', 'red'],
	orange: ['orange'],
	'brownish orange': ['orange', 'brown'],
	brown: ['brown'],
	'yellowish brown': ['brown', 'beige', 'olive'],
	'olive brown': ['olive', 'brown'],
	'orange yellow': ['orange', 'yellow', 'beige'],
	yellow: ['yellow', 'beige', 'olive'],
	'greenish yellow': ['yellow', 'yellow-green', 'olive'],
	olive: ['olive'],
	'olive green': ['olive', 'green', 'yellow-green'],
	'yellow green': ['yellow-green', 'olive', 'green'],
	'yellowish green': ['green', 'yellow-green'],
	green: ['green'],
	'bluish green': ['green', 'turquoise'],
	'greenish blue': ['turquoise', 'blue'],
	blue: ['blue', 'navy'],
	'purplish blue': ['blue', 'navy', 'violet'],
	violet: ['violet', 'purple', 'lilac'],
	purple: ['purple', 'lilac', 'violet'],
	'reddish purple': ['purple', 'burgundy', 'lilac', 'pink'],
	white: ['white', 'light grey'],
	gray: ['grey', 'dark grey', 'light grey'],
	black: ['black', 'dark grey']
};
/** "greenish gray" and "pinkish white" may be called a grey, or by the hue that they lean to. */
const LEANS: Readonly<Record<string, readonly string[]>> = {
	pinkish: ['pink', 'beige'],
	reddish: ['red', 'burgundy', 'brown', 'pink'],
	brownish: ['brown', 'beige', 'olive'],
	yellowish: ['yellow', 'beige', 'olive'],
	olive: ['olive'],
	greenish: ['green', 'turquoise'],
	bluish: ['blue', 'turquoise', 'navy'],
	purplish: ['purple', 'violet', 'lilac']
};

/** Words that lie beside each other: nobody is misled by the one for the other. */
const NEIGHBOURS: readonly (readonly string[])[] = [
	['pink', 'red', 'beige', 'orange'],
	['red', 'orange', 'brown'],
	['red', 'burgundy', 'brown'],
	['orange', 'yellow', 'beige', 'brown'],
	['brown', 'beige', 'olive', 'grey', 'black'],
	['yellow', 'yellow-green', 'olive', 'beige'],
	['yellow-green', 'green', 'olive', 'black'],
	['green', 'turquoise'],
	['turquoise', 'blue'],
	['blue', 'navy', 'violet'],
	['violet', 'purple', 'lilac'],
	['purple', 'pink', 'lilac', 'burgundy'],
	['dark grey', 'olive', 'green', 'brown', 'black'],
	['white', 'light grey', 'grey']
];

const difference = differenceCiede2000();
const lab = converter('lab65');
const CENTROIDS = lists.nbsIscc.map(({ name, hex }) => {
	const parts = name
		.toLowerCase()
		.replace(/( see #\d+|, .*)$/, '')
		.split(' ');
	const two = parts.slice(-2).join(' ');
	const one = parts.at(-1)!;
	const grey = ['white', 'gray', 'black'].includes(one);
	const leans = grey ? (LEANS[parts.at(-2) ?? ''] ?? []) : [];
	// A greyish or blackish hue is nearly a grey.
	const nearly = /^(grayish|blackish|pale|very pale)/.test(name.toLowerCase())
		? ['grey', 'dark grey', 'light grey', 'black', 'white']
		: [];
	return { name, colour: lab(hex)!, called: [...(TERMS[two] ?? TERMS[one] ?? []), ...leans, ...nearly] };
});

/** What the centroids nearest to a colour would call it: the nearest, and those that are hardly farther. */
function calledBy(code: string): { called: Set<string>; names: string[] } {
	const sorted = CENTROIDS.map((centroid) => ({ ...centroid, off: difference(centroid.colour, code) })).sort(
		(one, other) => one.off - other.off
	);
	const near = sorted.filter(({ off }) => off <= sorted[0]!.off + 2).slice(0, 3);
	return { called: new Set(near.flatMap(({ called }) => called)), names: near.map(({ name }) => name) };
}

describe('names of colours, against the ISCC–NBS centroids (color-name-lists 3.33.2)', () => {
	it('every centroid has words of ours to compare with', () => {
		expect(CENTROIDS).toHaveLength(267);
		for (const { name, called } of CENTROIDS) expect(called.length, name).toBeGreaterThan(0);
	});
	it('of 3000 random colours at least 97 of 100 have a name that the nearest centroids would give them, and the others one that is a word away', () => {
		const next = seeded(2024);
		const codes = Array.from({ length: 3000 }, () => randomHex(next));
		const wrong = codes.filter((code) => !calledBy(code).called.has(baseOf(words(code))));
		expect(wrong.length / codes.length).toBeLessThan(0.03);
		for (const code of wrong) {
			const { called, names } = calledBy(code);
			const near = NEIGHBOURS.some(
				(pair) =>
					pair.includes(baseOf(words(code))) && pair.some((word) => called.has(word) && word !== baseOf(words(code)))
			);
			expect(near, `${code} is called ${words(code)}, by the list ${names.join(', ')}`).toBe(true);
		}
	});
});

describe('names of colours that everybody knows', () => {
	it('the named colours of CSS Color 4 that are one word of ours, or a shade of one, have that name', () => {
		const named = {
			red: '#ff0000',
			orange: '#ffa500',
			yellow: '#ffff00',
			green: '#008000',
			blue: '#0000ff',
			purple: '#800080',
			pink: '#ffc0cb',
			olive: '#808000',
			beige: '#d2b48c',
			turquoise: '#40e0d0',
			navy: '#000080',
			brown: '#a0522d'
		};
		for (const [name, code] of Object.entries(named)) expect(baseOf(words(code)), code).toBe(name);
		expect(['#000000', '#ffffff', '#808080'].map(words)).toEqual(['black', 'white', 'grey']);
	});

	it('wine reds are burgundy, not a dark pink or brown; lilac, wool and madder have their own (common practice, no source)', () => {
		expect(['#6b0a2e', '#722f37', '#800020'].map((code) => baseOf(words(code)))).toEqual([
			'burgundy',
			'burgundy',
			'burgundy'
		]);
		expect(baseOf(words('#c8a2c8'))).toBe('lilac');
		expect(baseOf(words('#e9dcc0'))).toBe('beige');
		expect(words('#b3392b')).toBe('red');
		// Names that say dark of themselves do not say it twice.
		expect(words('#000080')).toBe('navy');
	});
});
