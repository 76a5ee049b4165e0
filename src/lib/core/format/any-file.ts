import { findColours } from './any-text';
import { readCgats } from './cgats';
import { checkLength, type NamedColour } from './colour-list';
import { readCsv } from './csv';
import { readDesignTokens } from './design-tokens';
import { readJsonList } from './json-list';
import { readSvgColours } from './svg-colours';

/** A first line that names a column of colours makes a text a table. */
const TABLE_HEAD = /(?:^|[,;\t])\s*"?(?:colou?r|hex|code)"?\s*(?:[,;\t]|$)/i;

/**
 * The colours of any file that carries some, by what it looks like: a JSON list, design tokens, an SVG, CGATS.17, a table
 * with a column of colours; otherwise any text with CSS colours in it.
 * @throws Problem `file` with what is wrong by the rules of what it looks like.
 */
export function readColours(text: string): NamedColour[] {
	checkLength(text);
	const start = text.replace(/^\uFEFF/, '').trimStart();
	if (start.startsWith('[')) return readJsonList(start);
	if (start.startsWith('{')) return readDesignTokens(start);
	if (/<svg[\s>]/i.test(start)) return readSvgColours(text);
	if (/^\s*BEGIN_DATA_FORMAT/m.test(text)) return readCgats(text);
	const [head = ''] = start.split(/\r?\n/, 1);
	return TABLE_HEAD.test(head) && /[,;\t]/.test(head) ? readCsv(text) : findColours(text);
}
