import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { Problem } from '../problem';
import { readColours } from './any-file';
import { searchText } from './any-text';
import { readCgats, writeCgats } from './cgats';
import { hexOf, LONGEST_FILE, type NamedColour } from './colour-list';
import { coloursToCss } from './css-properties';
import { propertyNames } from './property-names';
import { readCsv, writeCsv } from './csv';
import { readDesignTokens, coloursToTokens } from './design-tokens';
import { readJsonList, writeJsonList } from './json-list';
import { readSvgColours } from './svg-colours';

const findColours = (text: string) => searchText(text).colours;

const HEXES = ['#b3392b', '#d9b036', '#2f5f86'];
const NAMED: NamedColour[] = [
	{ name: 'Madder, first bath', text: '#b3392b' },
	{ name: 'Weld "strong"', text: 'oklch(0.7735 0.1409 89.34)' },
	{ name: '=1+1', text: 'rgb(47 95 134)' }
];
const coloursOf = (text: string) => readColours(text).colours;
const STEPS = HEXES.map((text, i) => ({ name: `${i + 1}, a step`, text }));
const hexes = (colours: readonly NamedColour[]) => colours.map(({ text }) => hexOf(text));
const problemOf = (work: () => unknown): Problem => {
	try {
		work();
	} catch (error) {
		if (error instanceof Problem) return error;
		throw error;
	}
	throw new Error('nothing was refused');
};

describe('what is written reads back as the same colours', () => {
	it('CSS custom properties', () => {
		const css = coloursToCss('tints', STEPS);
		expect(findColours(css)).toEqual(HEXES.map((text, i) => ({ name: `tints-${i + 1}`, text })));
	});
	it('design tokens', () => {
		const read = readDesignTokens(coloursToTokens('tints', STEPS));
		expect(hexes(read)).toEqual(HEXES);
		expect(read.map(({ name }) => name)).toEqual(['tints.step-1', 'tints.step-2', 'tints.step-3']);
	});
	it('names are kept: as the property where there is one of each, beside it where the colours are steps of a row', () => {
		const dyes = [
			{ name: 'Madder, first bath', text: '#b3392b' },
			{ name: 'Weld */ } body { color: red', text: '#d9b036' },
			{ name: 'Krapprot, zweites Bad: süß', text: '#2f5f86' }
		];
		const css = coloursToCss('dyes', dyes);
		expect(css).toContain('--dyes-madder-first-bath: #b3392b; /* Madder, first bath */');
		expect(css).toContain('--dyes-krapprot-zweites-bad-suss: #2f5f86;');
		expect(css.split('*/')).toHaveLength(4);
		expect(findColours(css).map(({ text }) => text)).toEqual(['#b3392b', '#d9b036', '#2f5f86']);
		const { dyes: group } = JSON.parse(coloursToTokens('dyes', dyes)) as {
			dyes: Record<string, { $description: string }>;
		};
		expect(group['madder-first-bath']!.$description).toBe('Madder, first bath');
		expect(propertyNames([...dyes, dyes[0]!])).toEqual(['1', '2', '3', '4']);
		expect(propertyNames([{ name: null, text: '#fff' }])).toEqual(['1']);
		expect(propertyNames(Array.from({ length: 12 }, (_, i) => ({ name: `${i + 1}, red`, text: '#f00' })))[1]).toBe(
			'02'
		);
	});
	it('CSV, names with commas, quotes and what table programs would run', () => {
		expect(readCsv(writeCsv(NAMED))).toEqual(NAMED);
		expect(writeCsv(NAMED)).toContain("'=1+1");
	});
	it('plain JSON', () => {
		expect(readJsonList(writeJsonList(NAMED))).toEqual(NAMED);
		expect(readJsonList('["teal", { "colour": "#abc", "name": null }]')).toEqual([
			{ name: null, text: 'teal' },
			{ name: null, text: '#abc' }
		]);
	});
	it('CGATS.17', () => {
		const read = readCgats(writeCgats(NAMED));
		expect(hexes(read)).toEqual(hexes(NAMED));
		expect(read[0]!.name).toBe('Madder, first bath');
	});
});

describe('any file is read as what it looks like', () => {
	it.each([
		['CSS properties', coloursToCss('t', STEPS)],
		['design tokens', coloursToTokens('t', STEPS)],
		['CSV', writeCsv(NAMED.map((colour, i) => ({ ...colour, text: HEXES[i]! })))],
		['CGATS.17', writeCgats(NAMED.map((colour, i) => ({ ...colour, text: HEXES[i]! })))],
		['plain JSON', writeJsonList(HEXES.map((text) => ({ name: null, text })))],
		['SVG', `<svg>${HEXES.map((hex) => `<rect fill="${hex}"/>`).join('')}</svg>`],
		['a letter', `First ${HEXES[0]}, then ${HEXES[1]}; in the end ${HEXES[2]}.`]
	])('%s', (_, text) => {
		expect(hexes(readColours(text).colours)).toEqual(HEXES);
		expect(hexes(readColours(`\uFEFF${text}`).colours)).toEqual(HEXES);
	});
});

describe('files as others write them', () => {
	it('any text with CSS colours in it, names on lines of their own among them', () => {
		const text =
			'Madder is #B3392B; sky: hsl(200 50% 40%).\nteal\nnot teal either\n$weld: oklch(0.77 0.14 89)\n#12345 #zzz rgb(oops)';
		expect(findColours(text)).toEqual([
			{ name: null, text: '#B3392B' },
			{ name: null, text: 'hsl(200 50% 40%)' },
			{ name: null, text: 'teal' },
			{ name: 'weld', text: 'oklch(0.77 0.14 89)' }
		]);
	});
	it('lists as people write them: names before codes, codes without their sign, and what other programs write', () => {
		const text =
			'Madder #b3392b\nWeld, second bath: rgb(217, 176, 54);\n2f5f86\nUndyed wool = 0xe9dcc0\nfacade\nIron cmyk(0% 0% 0% 80%)\nGall hsv(260, 8%, 25%)';
		expect(findColours(text).map(({ name, text: colour }) => [name, hexOf(colour)])).toEqual([
			['Madder', '#b3392b'],
			['Weld, second bath', '#d9b036'],
			[null, '#2f5f86'],
			['Undyed wool', '#e9dcc0'],
			['Iron', '#333333'],
			['Gall', '#3c3b40']
		]);
	});
	it('a colour that stands there twice comes once, unless two names say that two are meant', () => {
		expect(findColours('#b3392b rgb(179 57 43)\nhsl(0 100% 50%) #ff0000 red\nred')).toEqual([
			{ name: null, text: '#b3392b' },
			{ name: null, text: 'hsl(0 100% 50%)' }
		]);
		expect(findColours('#b3392b\n--madder: #b3392b;\n--warm: #b3392b;')).toEqual([
			{ name: 'madder', text: '#b3392b' },
			{ name: 'warm', text: '#b3392b' }
		]);
	});
	it('what looks like a colour and is none is listed with the reason; a selector of a stylesheet is not', () => {
		const { colours, unread } = readColours('#main { color: #b3392b }\n#b3392 cmyk(0 120 0 0) #ffg #zzz rgb(oops)');
		expect(colours).toEqual([{ name: null, text: '#b3392b' }]);
		expect(unread.map(({ text }) => text)).toEqual(['#b3392', 'cmyk(0 120 0 0)', '#ffg', 'rgb(oops)']);
		expect(unread[1]!.why).toContain('An ink lies outside 0 to 100 %.');
		for (const { why } of unread) expect(why).toMatch(/\. Expected: .+\.$/);
		expect(problemOf(() => readColours('#ffg'))!.message).toContain('“#ffg”');
	});
	it('CSV with semicolons, a byte order mark, Windows line ends and no header', () => {
		expect(readCsv('\uFEFFname;hex\r\nWoad;#2f5f86\r\n')).toEqual([{ name: 'Woad', text: '#2f5f86' }]);
		expect(readCsv('Woad,#2f5f86\nWeld,#d9b036')).toEqual([
			{ name: 'Woad', text: '#2f5f86' },
			{ name: 'Weld', text: '#d9b036' }
		]);
	});
	it('CGATS with Lab alone, remarks, and fields in another order (white is L* 100 under D50, ISO 28178)', () => {
		const text =
			'CGATS.17\n# a remark\nBEGIN_DATA_FORMAT\nLAB_B LAB_A LAB_L SAMPLE_ID\nEND_DATA_FORMAT\nBEGIN_DATA\n0 0 100 "paper white" # yes\n0 0 0 ink\nEND_DATA';
		expect(readCgats(text).map(({ name, text: colour }) => [name, hexOf(colour)])).toEqual([
			['paper white', '#ffffff'],
			['ink', '#000000']
		]);
	});
	it('design tokens with inherited types, references, CSS text and wide-gamut values', () => {
		const file = {
			dyes: {
				$type: 'color',
				madder: { $value: '#b3392b' },
				border: { $value: '{dyes.madder}' },
				wide: { $value: { colorSpace: 'display-p3', components: [0, 1, 0] } }
			},
			size: { $type: 'dimension', $value: '4px' },
			hsl: { $type: 'color', $value: { colorSpace: 'hsl', components: [0, 100, 50], alpha: 1 } }
		};
		const read = readDesignTokens(JSON.stringify(file));
		expect(read.map(({ name }) => name)).toEqual(['dyes.madder', 'dyes.border', 'dyes.wide', 'hsl']);
		expect(hexes([read[0]!, read[1]!, read[3]!])).toEqual(['#b3392b', '#b3392b', '#ff0000']);
	});
	it('takes a line that is nothing but a name, with blanks around it and a semicolon, and no line that says more', () => {
		const text = '  Teal ;\r\n\tnavy\t\r\nred blue\nred;;\nLightGoldenRodYellow\n; tan\nxtan\nplum';
		expect(findColours(text).map((colour) => colour.text)).toEqual(['teal', 'navy', 'lightgoldenrodyellow', 'plum']);
	});

	it('the paints of an SVG, each once', () => {
		const svg = `<svg><rect fill="#b3392b" stroke='none'/><stop style="stop-color: teal;x:1" /><path fill="url(#a)" stroke="#b3392b"/><g fill="currentColor"/></svg>`;
		expect(readSvgColours(svg).map(({ text }) => text)).toEqual(['#b3392b', 'teal']);
	});
});

describe('bad files are refused with their place and what was expected, and nothing is half-read', () => {
	it.each([
		['CSV colour', () => readCsv('name,colour\nMadder,#b3392b\nWeld,yello'), 3, 'a colour name'],
		['CSV quote', () => readCsv('name,colour\n"Madder,#b3392b'), 2, 'closing "'],
		['CSV column', () => readCsv('a,b\nc,d'), 1, 'a column headed'],
		[
			'CGATS data',
			() => readCgats('BEGIN_DATA_FORMAT\nRGB_R RGB_G RGB_B\nEND_DATA_FORMAT\nBEGIN_DATA\n1 2\nEND_DATA'),
			5,
			'3 entries'
		],
		[
			'CGATS number',
			() => readCgats('BEGIN_DATA_FORMAT\nRGB_R RGB_G RGB_B\nEND_DATA_FORMAT\nBEGIN_DATA\n1 2 x\nEND_DATA'),
			5,
			'numbers'
		],
		['CGATS end', () => readCgats('BEGIN_DATA_FORMAT\nRGB_R'), 1, 'END_DATA_FORMAT'],
		['SVG', () => readSvgColours('<html>'), 1, '<svg>'],
		['JSON list', () => readJsonList('{}'), 1, 'a JSON list'],
		['JSON colour', () => readJsonList('["teal", {"colour": "tealish"}]'), 2, 'a JSON list'],
		['JSON entry', () => readJsonList('["teal", 7]'), 2, 'a JSON list'],
		['tokens JSON', () => readDesignTokens('{'), 1, 'JSON']
	])('%s', (_, work, line, expected) => {
		const problem = problemOf(work);
		expect(problem.code).toBe('file');
		expect(problem.place).toBe(line);
		expect(problem.expected).toContain(expected);
	});

	it('tokens that refer in a circle or to nothing, empty lists and endless files', () => {
		const circle = { a: { $type: 'color', $value: '{b}' }, b: { $type: 'color', $value: '{a}' } };
		expect(problemOf(() => readDesignTokens(JSON.stringify(circle))).message).toContain('circle');
		expect(problemOf(() => readDesignTokens('{"a":{"$type":"color","$value":"{__proto__.x}"}}')).message).toContain(
			'not there'
		);
		expect(problemOf(() => findColours('nothing here')).message).toContain('no colours');
		for (const read of [findColours, readCsv, readCgats, readSvgColours, readDesignTokens, readJsonList, coloursOf])
			expect(problemOf(() => read('x'.repeat(LONGEST_FILE + 1))).message).toContain('characters');
	});

	it('parsers never throw anything but their own error on 100 000 random and mutated files', () => {
		const seeds = [
			writeCsv(NAMED),
			writeCgats(NAMED),
			coloursToTokens('t', STEPS),
			coloursToCss('t', STEPS),
			writeJsonList(NAMED),
			'<svg fill="#b3392b"><a style="fill:rgb(1 2 3)"/></svg>'
		];
		const mutated = fc
			.tuple(fc.constantFrom(...seeds), fc.nat(), fc.nat(40), fc.string({ maxLength: 12 }))
			.map(
				([text, at, length, other]) => text.slice(0, at % text.length) + other + text.slice((at % text.length) + length)
			);
		const readers = [findColours, readCsv, readCgats, readSvgColours, readDesignTokens, readJsonList, coloursOf];
		fc.assert(
			fc.property(fc.oneof(fc.string(), mutated), fc.constantFrom(...readers), (text, read) => {
				try {
					expect(read(text).every(({ text: colour }) => /^#[0-9a-f]{6}$/.test(hexOf(colour)))).toBe(true);
				} catch (error) {
					expect(error).toBeInstanceOf(Problem);
				}
			}),
			{ numRuns: 100_000, seed: 9 }
		);
	});
});
