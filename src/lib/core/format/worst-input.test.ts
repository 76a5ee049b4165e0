import { describe, expect, it } from 'vitest';
import { growth, MOST_GROWTH } from '../../../../tests/support/growth';
import { seeded } from '../seeded';
import { readColours } from './any-file';
import { searchText } from './any-text';
import { readCgats } from './cgats';
import { LONGEST_FILE } from './colour-list';
import { readCsv } from './csv';
import { readDesignTokens } from './design-tokens';
import { readJsonList } from './json-list';
import { readSvgColours } from './svg-colours';

const findColours = (text: string) => searchText(text).colours;

const READERS = { readColours, findColours, readCgats, readCsv, readDesignTokens, readJsonList, readSvgColours };

/** What the readers look for, and what stands between: out of these hostile texts are made, each repeated to the full length. */
const PARTS = [
	...[
		'\n',
		'\r',
		' ',
		'\t',
		',',
		';',
		'"',
		'#',
		'-',
		'--',
		'$',
		'@',
		'(',
		')',
		'{',
		'}',
		'[',
		']',
		':',
		'<',
		"'",
		'0',
		'a'
	],
	...[
		'rgb(',
		'rgb(1 2 3)',
		'#b3392b',
		'#b3392b\n',
		'teal\n',
		'abc\n',
		'--a:',
		'--a :',
		'fill=',
		'fill="x"',
		'fill:red;',
		'color'
	],
	...['"a",', 'a;b\n', '""', '#1 ', 'BEGIN_DATA', 'END_DATA\n', '{"a":', '[[', '"#fff",', '\u2028', '\ud800']
];
/** Beginnings by which a text is taken for a file of some kind. */
const STARTS = [
	'',
	'[',
	'{',
	'<svg ',
	'colour,name\n',
	'BEGIN_DATA_FORMAT\nRGB_R\nEND_DATA_FORMAT\nBEGIN_DATA\n',
	'a',
	'[["'
];

const full = (start: string, part: string): string =>
	(start + part.repeat(Math.ceil(LONGEST_FILE / part.length))).slice(0, LONGEST_FILE);

/** Milliseconds of processor time for two million letters that nobody minds, and that the long campaign asks for. */
const QUICK = process.env.RICERCAR_CASES ? 200 : 400;
describe('the worst that a file of full length can hold', () => {
	// Every part with the beginning that fits it least and best is a long campaign (npm run faults); here what is drawn by a seed, and
	// what was found to be slow once.
	const next = seeded(Number(process.env.RICERCAR_SEED ?? 7));
	const one = <T>(list: readonly T[]): T => list[Math.floor(next() * list.length)]!;
	const drawn = Array.from({ length: Number(process.env.RICERCAR_CASES ?? 25) }, () => {
		const [start, part] = [
			one(STARTS),
			one(PARTS) + (next() < 0.6 ? one(PARTS) : '') + (next() < 0.3 ? one(PARTS) : '')
		];
		return { name: JSON.stringify(start + part), text: () => full(start, part) };
	});
	const slowOnce = [
		['', '\n'],
		['', '-'],
		['', '--'],
		['{', ','],
		['[["', ';'],
		['a', '"'],
		['', 'abc\n'],
		['<svg ', 'fill="x"'],
		['', '\r'],
		['a', '\n\r']
	] as const;
	const known = slowOnce.map(([start, part]) => ({
		name: JSON.stringify(start + part),
		text: () => full(start, part)
	}));
	// Different words each time, so that nothing is found again.
	const numbers = Array.from({ length: 250_000 }, (_, i) => i.toString(36));
	const various = [
		{ name: 'words, each once', text: () => full('', numbers.map((word) => `te${word}al\n`).join('')) },
		{
			name: 'functions that are none, each once',
			text: () => full('', numbers.map((word) => `rgb(${word}x)\n`).join(''))
		},
		{
			name: 'paints that are none, each once',
			text: () => full('<svg ', numbers.map((word) => `fill="${word}"`).join(''))
		}
	];

	it.each([...known, ...various, ...drawn])('$name is read or refused quickly', ({ text }) => {
		const content = text();
		expect(content).toHaveLength(LONGEST_FILE);
		const grown = Object.entries(READERS).map(([name, read]) => [name, growth(read, content, QUICK)] as const);
		expect(grown.filter(([, times]) => times > MOST_GROWTH)).toEqual([]);
	});
});
