import { isColourName } from '../colour/read';
import { checkCount, checkLength, checkList, colourSieve, type NamedColour } from './colour-list';

/** Codes and functions of CSS Color 4. */
const CANDIDATE = /#[0-9a-f]{3,8}\b|\b(?:rgba?|hsla?|hsb|hwb|lab|lch|oklab|oklch|color)\([^()]{1,150}\)/gi;

/** The name of a custom property or variable, at the end of what stands before a colour. */
const NAME_BEFORE = /(?:--|\$|@)([\w-]{1,80})\s{0,8}:\s{0,8}$/;
/** No name with its signs is longer. */
const LONGEST_BEFORE = 100;

const nameBefore = (text: string, at: number): string | null =>
	NAME_BEFORE.exec(text.slice(Math.max(0, at - LONGEST_BEFORE), at))?.[1] ?? null;

/** A line that is nothing but a word. */
const NAME_LINE = /^[ \t]*([a-z]{3,20})[ \t]*(?:;[ \t]*)?\r?$/i;
/** No such line is longer. */
const LONGEST_NAME_LINE = 200;

/** Every line that is nothing but a word, with the place of its beginning. */
function* wordLines(text: string): Generator<{ word: string; at: number }> {
	for (let at = 0; at < text.length;) {
		const found = text.indexOf('\n', at);
		const end = found < 0 ? text.length : found;
		const word = end - at <= LONGEST_NAME_LINE ? NAME_LINE.exec(text.slice(at, end))?.[1] : undefined;
		if (word !== undefined) yield { word: word.toLowerCase(), at };
		at = end + 1;
	}
}

/**
 * All CSS colours in any text, a stylesheet among others, in their order: codes, functions, and lines that are nothing
 * but a colour's name. Names of custom properties become names.
 * @throws Problem `file` where there is none, or the text is too long.
 */
export function findColours(text: string): NamedColour[] {
	checkLength(text);
	const found: (NamedColour & { at: number })[] = [];
	const isOne = colourSieve();
	const add = (name: string | null, colour: string, at: number): void => {
		found.push({ name, text: colour, at });
		checkCount(found.length);
	};
	for (const { 0: colour, index } of text.matchAll(CANDIDATE))
		if (isOne(colour)) add(nameBefore(text, index), colour, index);
	for (const { word, at } of wordLines(text)) if (isColourName(word)) add(null, word, at);
	found.sort((one, other) => one.at - other.at);
	return checkList(
		found.map(({ name, text: colour }) => ({ name, text: colour })),
		'CSS colours such as #b3392b or oklch(0.52 0.16 30)'
	);
}
