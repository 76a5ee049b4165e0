import { searchText, type FoundColours } from './any-text';
import { readCgats } from './cgats';
import { checkLength, type NamedColour } from './colour-list';
import { readCsv } from './csv';
import { readDesignTokens } from './design-tokens';
import { readJsonList } from './json-list';
import { readSvgColours } from './svg-colours';

/** What heads a column of colours. */
const COLOUR_HEAD = /^"?(?:colou?r|hex|code)"?$/i;
/** No head of a table is longer. */
const LONGEST_HEAD = 2000;

/** Whether the first line of a text names a column of colours, which makes it a table. */
function hasTableHead(text: string): boolean {
	const [head = ''] = text.slice(0, LONGEST_HEAD).split(/\r?\n/, 1);
	const cells = head.split(/[,;\t]/);
	return cells.length > 1 && cells.some((cell) => COLOUR_HEAD.test(cell.trim()));
}

/** Out of a file with a form of its own; null where it has none. */
function readForm(text: string): readonly NamedColour[] | null {
	const start = text.replace(/^\uFEFF/, '').trimStart();
	if (start.startsWith('[')) return readJsonList(start);
	if (start.startsWith('{')) return readDesignTokens(start);
	if (/<svg[\s>]/i.test(start)) return readSvgColours(text);
	if (/^[ \t]*BEGIN_DATA_FORMAT/m.test(text)) return readCgats(text);
	return hasTableHead(start) ? readCsv(text) : null;
}

/**
 * The colours of any file that carries some, by what it looks like: a JSON list, design tokens, an SVG, CGATS.17, a table with a column
 * of colours; otherwise any text with colours in it, with what of that could not be read.
 * @throws Problem `file` with what is wrong by the rules of what it looks like.
 */
export function readColours(text: string): FoundColours {
	checkLength(text);
	const colours = readForm(text);
	return colours ? { colours, unread: [] } : searchText(text);
}
