import { Problem } from '../problem';
import { readJson } from './read-json';
import { checkCount, checkLength, checkList, isColour, type NamedColour } from './colour-list';

const EXPECTED = 'a JSON list of colours, such as [{ "name": "Madder", "colour": "#b3392b" }] or ["#b3392b", "teal"]';

/** Named colours as plain JSON: a list of objects with `name` (left out where there is none) and `colour` as CSS text. */
export function writeJsonList(colours: readonly NamedColour[]): string {
	const list = colours.map(({ name, text }) => (name === null ? { colour: text } : { name, colour: text }));
	return `${JSON.stringify(list, null, '\t')}\n`;
}

/**
 * The colours of a plain JSON list: CSS texts, or objects with `colour` and perhaps `name`.
 * @throws Problem `file` with the place in the list and what was expected there.
 */
export function readJsonList(text: string): NamedColour[] {
	checkLength(text);
	const list = readJson(text, EXPECTED);
	if (!Array.isArray(list)) throw new Problem('file', 'This JSON is no list.', EXPECTED, 1);
	checkCount(list.length);
	return checkList(list.map(colourAt), EXPECTED);
}

function colourAt(entry: unknown, i: number): NamedColour {
	const { name, colour } =
		typeof entry === 'object' && entry !== null
			? (entry as { name?: unknown; colour?: unknown })
			: { name: undefined, colour: entry };
	const place = `Entry ${i + 1}`;
	if (typeof colour !== 'string') throw new Problem('file', `${place} has no colour.`, EXPECTED, i + 1);
	if (!isColour(colour)) throw new Problem('file', `${place}: “${colour.slice(0, 40)}” is no colour.`, EXPECTED, i + 1);
	if (name !== undefined && name !== null && typeof name !== 'string')
		throw new Problem('file', `${place}: its name is no text.`, EXPECTED, i + 1);
	return { name: name ?? null, text: colour };
}
