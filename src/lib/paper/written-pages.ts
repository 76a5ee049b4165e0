import { type Measure } from './paper';

/** Of a reflection on paper, in points. */
export const WRITTEN = { size: 11, line: 16, heading: { size: 20, height: 40 } } as const;
/** Longer lines are not read well. */
const WIDEST = 470;

type Width = (words: string) => number;

/** A word that no line can hold, in parts that one can. */
function partsOf(word: string, width: number, widthOf: Width): string[] {
	if (widthOf(word) <= width) return [word];
	const parts = [''];
	for (const letter of word) {
		const longer = parts.at(-1)! + letter;
		if (parts.at(-1) !== '' && widthOf(longer) > width) parts.push(letter);
		else parts[parts.length - 1] = longer;
	}
	return parts;
}

/** A paragraph in lines of a width; an empty one is an empty line. */
function linesOfParagraph(paragraph: string, width: number, widthOf: Width): string[] {
	const words = paragraph.split(/[ \t]/).flatMap((word) => partsOf(word, width, widthOf));
	return words.reduce<string[]>((lines, word, i) => {
		const longer = i === 0 ? word : `${lines.at(-1)!} ${word}`;
		if (i > 0 && widthOf(longer) <= width) return [...lines.slice(0, -1), longer];
		return [...lines, word];
	}, []);
}

/** A text by its lines on so many pages as it needs, each `room` wide and high in points. None for an empty text. */
export function pagesOfText(
	text: string,
	room: { readonly width: number; readonly height: number },
	measure: Measure
): string[][] {
	if (text.trim() === '') return [];
	const widthOf: Width = (words) => measure(words, 'serif', WRITTEN.size);
	const width = Math.min(WIDEST, room.width);
	const lines = text.split('\n').flatMap((paragraph) => linesOfParagraph(paragraph, width, widthOf));
	const onPage = Math.max(1, Math.floor((room.height - WRITTEN.heading.height) / WRITTEN.line));
	return Array.from({ length: Math.ceil(lines.length / onPage) }, (_, i) => lines.slice(i * onPage, (i + 1) * onPage));
}
