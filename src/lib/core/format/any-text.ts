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

const isBlank = (code: number): boolean => code === 32 || code === 9;
const isLetter = (code: number): boolean => (code > 64 && code < 91) || (code > 96 && code < 123);
const SEMICOLON = 59;
const RETURN = 13;
/** No name of a colour has fewer or more letters. */
const [FEWEST, MOST] = [3, 20];

/** The word that a line between two places is, with blanks around it and a semicolon after it at most; null where it is more, or less. */
function wordOn(text: string, from: number, to: number): string | null {
	let start = from;
	while (start < to && isBlank(text.charCodeAt(start))) start++;
	let end = start;
	while (end < to && isLetter(text.charCodeAt(end))) end++;
	if (end - start < FEWEST || end - start > MOST) return null;
	let rest = end;
	while (rest < to && isBlank(text.charCodeAt(rest))) rest++;
	if (text.charCodeAt(rest) === SEMICOLON) rest++;
	while (rest < to && (isBlank(text.charCodeAt(rest)) || text.charCodeAt(rest) === RETURN)) rest++;
	return rest >= to ? text.slice(start, end) : null;
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
	for (let at = 0; at < text.length;) {
		const next = text.indexOf('\n', at);
		const end = next < 0 ? text.length : next;
		const word = wordOn(text, at, end)?.toLowerCase();
		if (word !== undefined && isColourName(word)) add(null, word, at);
		at = end + 1;
	}
	found.sort((one, other) => one.at - other.at);
	return checkList(
		found.map(({ name, text: colour }) => ({ name, text: colour })),
		'CSS colours such as #b3392b or oklch(0.52 0.16 30)'
	);
}
