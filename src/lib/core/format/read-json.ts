import { Problem } from '../problem';

/** What a JSON text may hold at most, so that reading it takes no more time and memory than its length explains. */
export interface JsonLimits {
	/** Lists and objects inside each other. */
	readonly deepest: number;
	/** Values, each counted once. */
	readonly values: number;
	/** Different names of fields: every new one costs an engine much more than a known one. */
	readonly names: number;
}

/** More than the largest study has, by far. */
export const USUAL_LIMITS: JsonLimits = { deepest: 64, values: 400_000, names: 2_000 };

const [QUOTE, BACKSLASH, COMMA, COLON] = [0x22, 0x5c, 0x2c, 0x3a];
const [LIST, LIST_END, OBJECT, OBJECT_END] = [0x5b, 0x5d, 0x7b, 0x7d];
const isSpace = (code: number): boolean => code === 0x20 || code === 0x0a || code === 0x0d || code === 0x09;

/** Where a string ends that begins after this place: the place of its closing quote, or the text's end. */
function endOfString(text: string, from: number): number {
	for (let i = from; i < text.length; i++) {
		const code = text.charCodeAt(i);
		if (code === BACKSLASH) i++;
		else if (code === QUOTE) return i;
	}
	return text.length;
}

/** Looks a JSON text through without building anything of it. @throws Problem `file` where it holds more than the limits allow */
function checkLimits(text: string, { deepest, values, names }: JsonLimits): void {
	const refuse = (message: string, expected: string): Problem => new Problem('file', message, expected, 1);
	const known = new Set<string>();
	let [depth, count] = [0, 0];
	for (let i = 0; i < text.length; i++) {
		const code = text.charCodeAt(i);
		if (code === QUOTE) {
			const end = endOfString(text, i + 1);
			let after = end + 1;
			while (isSpace(text.charCodeAt(after))) after++;
			if (text.charCodeAt(after) === COLON && known.add(text.slice(i + 1, end)).size > names)
				throw refuse('It has too many different names in it.', `at most ${names}`);
			i = end;
		} else if (code === LIST || code === OBJECT) {
			count++;
			if (++depth > deepest) throw refuse('Its parts stand too deep in each other.', `at most ${deepest} levels`);
		} else if (code === LIST_END || code === OBJECT_END) depth--;
		else if (code === COMMA) count++;
		if (count > values) throw refuse('It has too many values in it.', `at most ${values}`);
	}
}

/**
 * A JSON text (RFC 8259) as what it says, where it holds no more than the limits allow: what is looked for is counted before
 * anything is built.
 * @throws Problem `file`, with what was expected of a text that is not JSON at all
 */
export function readJson(text: string, expected: string, limits: JsonLimits = USUAL_LIMITS): unknown {
	checkLimits(text, limits);
	try {
		return JSON.parse(text);
	} catch {
		throw new Problem('file', 'This is not JSON, or it is damaged.', expected, 1);
	}
}
