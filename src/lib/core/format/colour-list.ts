import { readColour } from '../colour/read';
import { show } from '../colour/shown';
import { Problem } from '../problem';

/** A colour out of a file, or for one: CSS text, and its name where it has one. */
export interface NamedColour {
	readonly name: string | null;
	readonly text: string;
}

/** More than this is refused before it is read: no list of colours needs more. */
export const LONGEST_FILE = 2_000_000;
/** More colours than this are refused: nobody reads, and no palette takes, a longer list. */
export const MOST_COLOURS = 2000;

/** @throws Problem `file` for a text that is too long to be read. */
export function checkLength(text: string): void {
	if (text.length > LONGEST_FILE)
		throw new Problem('file', `The file has ${text.length} characters.`, `at most ${LONGEST_FILE}`);
}

/** @throws Problem `file` where a list is empty or too long. */
export function checkList(colours: readonly NamedColour[], expected: string): NamedColour[] {
	if (colours.length === 0) throw new Problem('file', 'There are no colours in it.', expected);
	checkCount(colours.length);
	return [...colours];
}

/** Called as soon as a count is known, before so many colours are read. @throws Problem `file` for too many colours. */
export function checkCount(count: number): void {
	if (count > MOST_COLOURS)
		throw new Problem('file', `There are more than ${MOST_COLOURS} colours in it.`, `at most ${MOST_COLOURS}`);
}

/** So many different texts that look like colours and are none are passed over; a file with more is no file of colours. */
const MOST_PASSED_OVER = 5000;

/**
 * Tells which texts out of a file are colours; each is only read once.
 * @throws Problem `file` where too many different ones are none.
 */
export function colourSieve(): (text: string) => boolean {
	const known = new Map<string, boolean>();
	let passed = 0;
	return (text) => {
		const before = known.get(text);
		if (before !== undefined) return before;
		const holds = isColour(text);
		known.set(text, holds);
		if (!holds && ++passed > MOST_PASSED_OVER)
			throw new Problem(
				'file',
				`More than ${MOST_PASSED_OVER} texts in it look like colours and are none.`,
				'a file whose colours are CSS colours'
			);
		return holds;
	};
}

/** Whether a text is a colour that we read. */
export function isColour(text: string): boolean {
	try {
		readColour(text);
		return true;
	} catch (error) {
		if (error instanceof Problem) return false;
		throw error;
	}
}

/** Reads the colour of one line; what is wrong with it is said with the line. */
export function colourOnLine(text: string, line: number): string {
	try {
		readColour(text);
		return text.trim();
	} catch (error) {
		if (!(error instanceof Problem)) throw error;
		throw new Problem(
			'file',
			`Line ${line}: “${text.slice(0, 40)}” is no colour. ${error.message}`,
			error.expected,
			line
		);
	}
}

/** `#rrggbb` of CSS text, as a screen shows it. */
export const hexOf = (text: string): string => show(readColour(text)).hex;
