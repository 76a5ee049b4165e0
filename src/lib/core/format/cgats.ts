import { linearToByte } from '../colour/bytes';
import { convert } from '../colour/convert';
import { readColour } from '../colour/read';
import { show } from '../colour/shown';
import { writeColour } from '../colour/write';
import { Problem } from '../problem';
import { checkCount, checkLength, checkList, colourOnLine, type NamedColour } from './colour-list';

const FIELDS = ['SAMPLE_ID', 'SAMPLE_NAME', 'RGB_R', 'RGB_G', 'RGB_B', 'LAB_L', 'LAB_A', 'LAB_B'] as const;

/** Colours as CGATS.17 text (ISO 28178): sRGB in 0–255 and Lab under D50, with a name each. */
export function writeCgats(colours: readonly NamedColour[], originator = 'Ricercar'): string {
	const rows = colours.map(({ name, text }, i) => {
		const colour = readColour(text);
		const bytes = show(colour).linear.map(linearToByte);
		const lab = convert(colour, 'lab').channels.map((x) => x.toFixed(4));
		const words = (name ?? `colour ${i + 1}`).replace(/["\r\n\t]/g, ' ');
		return [i + 1, `"${words}"`, ...bytes, ...lab].join('\t');
	});
	return [
		'CGATS.17',
		`ORIGINATOR\t"${originator.replace(/["\r\n\t]/g, ' ')}"`,
		'MEASUREMENT_SOURCE\t"Illumination=D50 ObserverAngle=2degree WhiteBase=Absolute Filter=None"',
		`NUMBER_OF_FIELDS\t${FIELDS.length}`,
		'BEGIN_DATA_FORMAT',
		FIELDS.join('\t'),
		'END_DATA_FORMAT',
		`NUMBER_OF_SETS\t${colours.length}`,
		'BEGIN_DATA',
		...rows,
		'END_DATA',
		''
	].join('\n');
}

interface Line {
	readonly number: number;
	readonly words: readonly string[];
}

/** A line as words; what stands in quotes is one word, what follows a # is a remark. */
function wordsOf(line: string): string[] {
	const words: string[] = [];
	for (const [whole, quoted, plain] of line.matchAll(/"([^"]*)"|#|([^\s"#]+)/g)) {
		if (whole === '#') break;
		words.push(quoted ?? plain ?? '');
	}
	return words;
}

const isBlank = (line: string): boolean => line.trim() === '';
const beginsWith = (line: string, word: string): boolean =>
	line.trimStart().startsWith(word) && wordsOf(line)[0] === word;

/** The lines between two keywords that are not empty, as words. Only these are taken apart. */
function between(lines: readonly string[], begin: string, end: string): Line[] {
	const start = lines.findIndex((line) => beginsWith(line, begin));
	const stop = lines.findIndex((line, i) => i > start && beginsWith(line, end));
	if (start < 0) throw new Problem('file', `There is no ${begin}.`, begin, 1);
	if (stop < 0) throw new Problem('file', `${begin} is opened on line ${start + 1} and never closed.`, end, start + 1);
	const found: Line[] = [];
	for (let i = start + 1; i < stop; i++) {
		const line = lines[i]!;
		if (isBlank(line)) continue;
		const words = wordsOf(line);
		if (words.length > 0) found.push({ number: i + 1, words });
		checkCount(found.length);
	}
	return found;
}

const FORMAT = 'BEGIN_DATA_FORMAT';

/** The models that a table can hold colours in: the fields and how three numbers become CSS text. */
const MODELS: readonly { fields: readonly string[]; text: (x: number, y: number, z: number) => string }[] = [
	{
		fields: ['LAB_L', 'LAB_A', 'LAB_B'],
		text: (l, a, b) => writeColour({ space: 'lab', channels: [l, a, b], alpha: 1 })
	},
	{
		fields: ['XYZ_X', 'XYZ_Y', 'XYZ_Z'],
		text: (x, y, z) => writeColour({ space: 'xyz-d50', channels: [x / 100, y / 100, z / 100], alpha: 1 })
	},
	{ fields: ['RGB_R', 'RGB_G', 'RGB_B'], text: (r, g, b) => `rgb(${r} ${g} ${b})` }
];

/**
 * Colours out of CGATS.17 text: from RGB fields (0–255, taken as sRGB) where it has them, else from Lab or XYZ under D50.
 * @throws Problem `file` with the line and what was expected.
 */
export function readCgats(text: string): NamedColour[] {
	checkLength(text);
	// Before a text of any length is cut into lines.
	if (!text.includes(FORMAT)) throw new Problem('file', `There is no ${FORMAT}.`, FORMAT, 1);
	const lines = text.split(/\r\n|\r|\n/);
	const fields = between(lines, FORMAT, 'END_DATA_FORMAT').flatMap(({ words }) => words);
	const model = [...MODELS].reverse().find((candidate) => candidate.fields.every((field) => fields.includes(field)));
	if (!model)
		throw new Problem(
			'file',
			'The table has no colours that can be read.',
			'fields RGB_R, LAB_L or XYZ_X and their like'
		);
	const places = model.fields.map((field) => fields.indexOf(field));
	const name = ['SAMPLE_NAME', 'SAMPLE_ID'].map((field) => fields.indexOf(field)).find((place) => place >= 0) ?? -1;
	const rows = between(lines, 'BEGIN_DATA', 'END_DATA').map(({ number, words }): NamedColour => {
		if (words.length !== fields.length)
			throw new Problem(
				'file',
				`Line ${number} has ${words.length} entries.`,
				`${fields.length} entries, one for each field`,
				number
			);
		const [x, y, z] = places.map((place) => Number(words[place]!.replace(',', '.')));
		if (![x, y, z].every(Number.isFinite))
			throw new Problem(
				'file',
				`Line ${number} has an entry that is no number.`,
				`numbers for ${model.fields.join(', ')}`,
				number
			);
		return { name: words[name] ?? null, text: colourOnLine(model.text(x!, y!, z!), number) };
	});
	return checkList(rows, 'at least one line of data');
}
