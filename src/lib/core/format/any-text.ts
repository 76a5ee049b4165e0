import { isColourName } from '../colour/read';
import { readPasted } from '../colour/read-pasted';
import { Problem } from '../problem';
import { checkCount, checkLength, checkList, colourSieve, hexOf, type NamedColour } from './colour-list';

/** What looks like a colour: codes, functions of CSS Color 4, and those that other programs write. */
const CANDIDATE =
	/#[0-9a-z]{3,8}\b|\b(?:rgba?|hsla?|hsb|hsv|hwb|lab|lch|oklab|oklch|color|cmyk|device-cmyk)\([^()]{1,150}\)|\b0x[0-9a-f]{6}\b/gi;

/** The name of a custom property or variable, at the end of what stands before a colour. */
const NAME_BEFORE = /(?:--|\$|@)([\w-]{1,80})\s{0,8}:\s{0,8}$/;
/** No name with its signs is longer. */
const LONGEST_BEFORE = 100;
/** One to four words with which a line begins, up to its colour. */
const WORDS_BEFORE = /^\p{L}[\p{L}\d’'-]{0,24}(?:,? [\p{L}\d’'-]{1,24}){0,3}$/u;
/** What sets a name off from its colour. */
const SETS_OFF = /[\s:=,–—-]{1,8}$/;
/** With these a sentence goes on to a colour; no name ends in them. */
const GOES_ON = /\b(?:is|was|are|and|or|to|of|in|with|from|then|a|the)$/i;
/** What may stand after the last colour of a line. */
const REST = /^[\s;,.]{0,8}$/;
const LONGEST_REST = 10;
/** A stylesheet's property is no name of a colour. */
const PROPERTY = /^(?:color|colour|background|border|fill|stroke|outline|accent|caret|text|box|stop|flood|column)\b/i;

/** What a colour from one place of a text to another is called there. */
function nameBefore(text: string, at: number, to: number): string | null {
	const before = text.slice(Math.max(0, at - LONGEST_BEFORE), at);
	const property = NAME_BEFORE.exec(before)?.[1];
	if (property !== undefined) return property;
	const line = before.slice(before.lastIndexOf('\n') + 1);
	const [rest = ''] = text.slice(to, to + LONGEST_REST).split('\n', 1);
	if (!SETS_OFF.test(line) || !REST.test(rest)) return null;
	const words = line.replace(SETS_OFF, '').trim();
	return WORDS_BEFORE.test(words) && !PROPERTY.test(words) && !GOES_ON.test(words) ? words : null;
}

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

/** A line that is a code without its sign: six digits, one of them a number, so that no word is taken for one. */
const BARE = /^[ \t]{0,8}(?=[a-f]{0,5}\d)([0-9a-f]{6})[ \t]{0,8}[;,]?[ \t\r]{0,8}$/i;
/** No line that is a code alone is shorter or longer. */
const [SHORTEST_BARE, LONGEST_BARE] = [6, 31];

/** The code without its sign that a line between two places is; undefined where it is something else. */
function bareOn(text: string, from: number, to: number): string | undefined {
	const length = to - from;
	return length < SHORTEST_BARE || length > LONGEST_BARE ? undefined : BARE.exec(text.slice(from, to))?.[1];
}

/** What looks like a colour and could not be read. */
export interface Unread {
	/** As it stands in the text. */
	readonly text: string;
	readonly why: string;
}

/** What was found in a text: its colours, each once under a name, and what could not be read. */
export interface FoundColours {
	readonly colours: readonly NamedColour[];
	readonly unread: readonly Unread[];
}

const MOST_UNREAD = 50;

/** Whether a word after # is meant as a code: most of it is digits of one. A selector of a stylesheet is not. */
const isMeant = (text: string): boolean =>
	!text.startsWith('#') || (text.match(/[0-9a-f]/gi)?.length ?? 0) * 5 >= (text.length - 1) * 3;

/** What CSS does not know, and people paste. */
const NOT_CSS = /^(?:hsv|cmyk|device-cmyk)\(|^0x/i;
/** So many different texts that are no colours get a reason; a text with more is no text of colours. */
const MOST_REASONS = 200;

type Read = { readonly text: string } | { readonly why: string } | null;

/** Reads each different text once; null for what is none, where there are too many to say why. @throws Problem `file` */
function reader(): (text: string) => Read {
	const isOne = colourSieve();
	const known = new Map<string, Read>();
	let reasons = 0;
	const read = (text: string): Read => {
		if (!NOT_CSS.test(text) && isOne(text)) return { text };
		if (reasons >= MOST_REASONS) return null;
		try {
			return { text: readPasted(text).text };
		} catch (error) {
			if (!(error instanceof Problem)) throw error;
			reasons++;
			return { why: `${error.message} Expected: ${error.expected}.` };
		}
	};
	return (text) => {
		const before = known.get(text);
		if (before !== undefined) return before;
		const found = read(text);
		known.set(text, found);
		return found;
	};
}

/** The same colour twice is one, unless two names say that two are meant. */
function once(colours: readonly NamedColour[]): NamedColour[] {
	const kept: { name: string | null; text: string }[] = [];
	const byCode = new Map<string, { name: string | null; text: string }[]>();
	for (const { name, text } of colours) {
		const same = byCode.get(hexOf(text)) ?? [];
		const known = same.find((each) => each.name === name || each.name === null || name === null);
		if (known) known.name ??= name;
		else {
			const colour = { name, text };
			kept.push(colour);
			byCode.set(hexOf(text), [...same, colour]);
		}
	}
	return kept;
}

/**
 * All colours in any text, a stylesheet among others, in their order: codes, functions, and lines that are nothing but a colour's name
 * or a code without its sign. Names of custom properties, and words that stand before a colour on its line, become names.
 * @throws Problem `file` where there is none, or the text is too long.
 */
export function searchText(text: string): FoundColours {
	checkLength(text);
	const found: (NamedColour & { at: number })[] = [];
	const unread: Unread[] = [];
	const read = reader();
	const add = (name: string | null, colour: string, at: number): void => {
		found.push({ name, text: colour, at });
		checkCount(found.length);
	};
	for (const { 0: colour, index } of text.matchAll(CANDIDATE)) {
		const result = read(colour);
		if (!result) continue;
		if ('text' in result) add(nameBefore(text, index, index + colour.length), result.text, index);
		else if (unread.length < MOST_UNREAD && isMeant(colour)) unread.push({ text: colour, why: result.why });
	}
	for (let at = 0; at < text.length;) {
		const next = text.indexOf('\n', at);
		const end = next < 0 ? text.length : next;
		const word = wordOn(text, at, end)?.toLowerCase();
		const bare = bareOn(text, at, end);
		if (bare !== undefined) add(null, `#${bare}`, at);
		else if (word !== undefined && isColourName(word)) add(null, word, at);
		at = end + 1;
	}
	found.sort((one, other) => one.at - other.at);
	const first = unread[0];
	const expected = 'colours such as #b3392b or oklch(0.52 0.16 30)';
	if (found.length === 0 && first)
		throw new Problem('file', `There are no colours in it. “${first.text}”: ${first.why}`, expected);
	return { colours: once(checkList(found, expected)), unread };
}
