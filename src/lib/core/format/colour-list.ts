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
export const MOST_COLOURS = 2000;

/** @throws Problem `file` for a text that is too long to be read. */
export function checkLength(text: string): void {
	if (text.length > LONGEST_FILE)
		throw new Problem('file', `The file has ${text.length} characters.`, `at most ${LONGEST_FILE}`);
}

/** @throws Problem `file` where a list is empty or too long. */
export function checkList(colours: readonly NamedColour[], expected: string): NamedColour[] {
	if (colours.length === 0) throw new Problem('file', 'There are no colours in it.', expected);
	if (colours.length > MOST_COLOURS)
		throw new Problem('file', `There are ${colours.length} colours in it.`, `at most ${MOST_COLOURS}`);
	return [...colours];
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
