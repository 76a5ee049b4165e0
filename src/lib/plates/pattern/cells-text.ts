/** A design is stored as a text: one letter for each cell, which says the number of its colour, or a point where it has none. */
const LETTERS = 'ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz0123456789';
const EMPTY = '.';

/** As many colours can be told apart by letters; two are left over. */
export const MOST_COLOURS = 60;
/** No grid has more cells, and no drawing more regions. */
export const MOST_CELLS = 8000;
export const CELLS_TEXT = /^[.A-Za-z0-9]*$/;

const numberOf = new Map([...LETTERS].map((letter, i) => [letter, i]));

/** The number of the colour of each of so many cells; null where it has none, or one that there is not. */
export function readCells(text: string, count: number, colours: number): (number | null)[] {
	return Array.from({ length: count }, (_, i) => {
		const number = numberOf.get(text[i] ?? EMPTY);
		return number === undefined || number >= colours ? null : number;
	});
}

export const writeCells = (content: readonly (number | null)[]): string =>
	content.map((number) => (number === null ? EMPTY : LETTERS[number]!)).join('');
