import { codesOf } from '../colour/codes';
import { readColour } from '../colour/read';
import { show } from '../colour/shown';
import { luminanceToValue } from '../colour/lab';
import { luminance } from '../colour/xyz';
import { Problem } from '../problem';
import { checkLength, checkList, colourOnLine, isColour, type NamedColour } from './colour-list';

/** A cell that a table program would take for a formula is made plain text by an apostrophe before it. */
const plainCell = (text: string): string => (/^[=+\-@\t\r]/.test(text) ? `'${text}` : text);
const quoted = (text: string): string => (/[",\r\n]/.test(text) ? `"${text.replaceAll('"', '""')}"` : text);

/** Colours as CSV (RFC 4180): name, the text as given, hex, value L*, OKLCH. */
export function writeCsv(colours: readonly NamedColour[]): string {
	const rows = colours.map(({ name, text }) => {
		const colour = readColour(text);
		const { linear, hex } = show(colour);
		const value = luminanceToValue(luminance(...linear)).toFixed(1);
		return [plainCell(name ?? ''), text, hex, value, codesOf(colour).oklch].map(quoted).join(',');
	});
	return ['name,colour,hex,value,oklch', ...rows, ''].join('\r\n');
}

interface CsvRecord {
	readonly line: number;
	readonly cells: readonly string[];
}

/** Takes CSV apart: commas or semicolons, quotes doubled inside quotes, any line ends. Empty lines are left out. */
function takeApart(text: string): CsvRecord[] {
	const separator = /^[^\n]*;/.test(text) && !/^[^\n]*,/.test(text) ? ';' : ',';
	const records: CsvRecord[] = [];
	let cells: string[] = [];
	let cell = '';
	let inQuotes = false;
	let line = 1;
	let start = 1;
	const endRecord = () => {
		cells.push(cell);
		if (cells.some((content) => content.trim() !== ''))
			records.push({ line: start, cells: cells.map((content) => content.trim()) });
		cells = [];
		cell = '';
		start = line;
	};
	for (let i = 0; i < text.length; i++) {
		const sign = text[i]!;
		if (sign === '\n') line++;
		if (inQuotes) {
			if (sign !== '"') cell += sign;
			else if (text[i + 1] === '"') cell += text[++i]!;
			else inQuotes = false;
		} else if (sign === '"' && cell.trim() === '') {
			inQuotes = true;
			cell = '';
		} else if (sign === separator) {
			cells.push(cell);
			cell = '';
		} else if (sign === '\n') endRecord();
		else if (sign !== '\r') cell += sign;
	}
	if (inQuotes)
		throw new Problem('file', `Line ${start}: a quotation mark is opened and never closed.`, 'a closing "', start);
	endRecord();
	return records;
}

const COLOUR_HEADS = ['colour', 'color', 'hex', 'css', 'code'];

/**
 * Colours out of CSV: a header with a column `colour` (or hex, css, code) and perhaps `name`; without such a header the
 * first column whose first cell is a colour, and the column before it as names.
 * @throws Problem `file` with the line and what was expected.
 */
export function readCsv(text: string): NamedColour[] {
	checkLength(text);
	const records = takeApart(text.replace(/^\uFEFF/, ''));
	const head = records[0]?.cells.map((cell) => cell.toLowerCase()) ?? [];
	const byHead = head.findIndex((cell) => COLOUR_HEADS.includes(cell));
	const names = head.indexOf('name');
	const rows = byHead >= 0 ? records.slice(1) : records;
	const column = byHead >= 0 ? byHead : (records[0]?.cells ?? []).findIndex(isColour);
	if (column < 0)
		throw new Problem(
			'file',
			'Line 1 has no column of colours.',
			'a column headed “colour”, or colours in the first line',
			1
		);
	const nameColumn = byHead >= 0 ? names : column - 1;
	const colours = rows.map(({ line, cells }) => ({
		name: cells[nameColumn] ? cells[nameColumn].replace(/^'(?=[=+\-@])/, '') : null,
		text: colourOnLine(cells[column] ?? '', line)
	}));
	return checkList(colours, 'at least one line with a colour');
}
