import { valueOf } from '../colour/value-of';
import { codesOf } from '../colour/codes';
import { readColour } from '../colour/read';
import { show } from '../colour/shown';
import { Problem } from '../problem';
import { checkCount, checkLength, checkList, colourOnLine, isColour, type NamedColour } from './colour-list';

/** A cell that a table program would take for a formula is made plain text by an apostrophe before it. */
const plainCell = (text: string): string => (/^[=+\-@\t\r]/.test(text) ? `'${text}` : text);
const quoted = (text: string): string => (/[",\r\n]/.test(text) ? `"${text.replaceAll('"', '""')}"` : text);

/** A table as CSV (RFC 4180). */
export const csvOf = (rows: readonly (readonly string[])[]): string =>
	[...rows.map((cells) => cells.map((cell) => quoted(plainCell(cell))).join(',')), ''].join('\r\n');

/** Colours as CSV (RFC 4180): name, the text as given, hex, value L*, OKLCH. */
export function writeCsv(colours: readonly NamedColour[]): string {
	const rows = colours.map(({ name, text }) => {
		const colour = readColour(text);
		const { linear, hex } = show(colour);
		const value = valueOf(linear).toFixed(1);
		return [plainCell(name ?? ''), text, hex, value, codesOf(colour).oklch].map(quoted).join(',');
	});
	return ['name,colour,hex,value,oklch', ...rows, ''].join('\r\n');
}

interface CsvRecord {
	readonly line: number;
	readonly cells: readonly string[];
}

/** No table of colours is broader. */
const MOST_COLUMNS = 200;

const NEW_LINE = 10;
const QUOTE = 34;

/** A cell from a place of a text on: what it holds, and where it ends: at a separator, a line end, or the end of the text. */
interface Cell {
	readonly content: string;
	readonly end: number;
}

function plainCellAt(text: string, from: number, separator: number): Cell {
	let end = from;
	while (end < text.length && text.charCodeAt(end) !== separator && text.charCodeAt(end) !== NEW_LINE) end++;
	return { content: text.slice(from, end), end };
}

/** A cell in quotes, which are doubled inside; what stands after them belongs to it. Null where they are never closed. */
function quotedCellAt(text: string, from: number, separator: number): Cell | null {
	let inside = '';
	let at = from + 1;
	for (;;) {
		const close = text.indexOf('"', at);
		if (close < 0) return null;
		inside += text.slice(at, close);
		at = close + 1;
		if (text.charCodeAt(at) !== QUOTE) break;
		inside += '"';
		at++;
	}
	const { content, end } = plainCellAt(text, at, separator);
	return { content: inside + content, end };
}

/** Whether only spaces and tabs stand before a quotation mark; gives its place, or −1. */
function quoteAt(text: string, from: number): number {
	let at = from;
	while (text[at] === ' ' || text[at] === '\t') at++;
	return text.charCodeAt(at) === QUOTE ? at : -1;
}

const countOf = (text: string, from: number, to: number): number => {
	let count = 0;
	for (let at = text.indexOf('\n', from); at >= 0 && at < to; at = text.indexOf('\n', at + 1)) count++;
	return count;
};

const SPACE = 32;
/** What trimming takes away, beside the space: tab, form feeds, no-break space, line and paragraph separators, byte order mark. */
const BLANKS: ReadonlySet<number> = new Set([9, 11, 12, 0xa0, 0x2028, 0x2029, 0xfeff]);

/** Where a line ends in which nothing stands but blanks and separators; −1 for any other. A file may have a million of them. */
function blankLineEnd(text: string, from: number, separator: number): number {
	for (let at = from; at < text.length; at++) {
		const code = text.charCodeAt(at);
		if (code === NEW_LINE) return at;
		if (code !== separator && code !== SPACE && !BLANKS.has(code)) return -1;
	}
	return text.length;
}

/** Semicolons where the first line has some and no comma. */
function separatorOf(text: string): ';' | ',' {
	const end = text.indexOf('\n');
	const head = end < 0 ? text : text.slice(0, end);
	return head.includes(';') && !head.includes(',') ? ';' : ',';
}

/** One record from a place of a text on, with the place after it. */
function recordAt(text: string, from: number, line: number, separator: number): { cells: string[]; end: number } {
	const cells: string[] = [];
	for (let at = from; ;) {
		const quote = quoteAt(text, at);
		const cell = quote < 0 ? plainCellAt(text, at, separator) : quotedCellAt(text, quote, separator);
		if (!cell)
			throw new Problem('file', `Line ${line}: a quotation mark is opened and never closed.`, 'a closing "', line);
		cells.push(cell.content.trim());
		if (cells.length > MOST_COLUMNS)
			throw new Problem('file', `Line ${line} has more than ${MOST_COLUMNS} cells.`, 'a table of fewer columns', line);
		if (cell.end >= text.length || text.charCodeAt(cell.end) === NEW_LINE) return { cells, end: cell.end + 1 };
		at = cell.end + 1;
	}
}

/** The same text with every line end as one sign. By splitting, which takes a tenth of the time that replacing takes. */
const withOneLineEnd = (text: string): string => text.split('\r\n').join('\n').split('\r').join('\n');

/** Takes CSV apart: commas or semicolons, quotes doubled inside quotes, any line ends. Empty lines are left out. */
function takeApart(given: string): CsvRecord[] {
	const text = withOneLineEnd(given);
	const separator = separatorOf(text).charCodeAt(0);
	const records: CsvRecord[] = [];
	let line = 1;
	for (let at = 0; at < text.length;) {
		const blank = blankLineEnd(text, at, separator);
		if (blank >= 0) {
			line++;
			at = blank + 1;
			continue;
		}
		const { cells, end } = recordAt(text, at, line, separator);
		if (cells.some((content) => content !== '')) records.push({ line, cells });
		checkCount(records.length - 1);
		line += countOf(text, at, end);
		at = end;
	}
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
