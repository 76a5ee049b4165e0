import { INK, widthOf, write } from './write';

type Pdf = PDFKit.PDFDocument;

const SIZE = 11;
const LINE = 16;
const HEADING = { size: 20, height: 40 } as const;
/** Longer lines are not read well. */
const WIDEST = 470;

/** A word that no line can hold, in parts that one can. */
function partsOf(pdf: Pdf, word: string, width: number): string[] {
	if (widthOf(pdf, word, SIZE) <= width) return [word];
	const parts = [''];
	for (const letter of word) {
		const longer = parts.at(-1)! + letter;
		if (parts.at(-1) !== '' && widthOf(pdf, longer, SIZE) > width) parts.push(letter);
		else parts[parts.length - 1] = longer;
	}
	return parts;
}

/** A paragraph in lines of a width; an empty one is an empty line. */
function linesOfParagraph(pdf: Pdf, paragraph: string, width: number): string[] {
	const words = paragraph.split(/[ \t]/).flatMap((word) => partsOf(pdf, word, width));
	return words.reduce<string[]>((lines, word, i) => {
		const longer = i === 0 ? word : `${lines.at(-1)!} ${word}`;
		if (i > 0 && widthOf(pdf, longer, SIZE) <= width) return [...lines.slice(0, -1), longer];
		return [...lines, word];
	}, []);
}

/** A text by its lines on so many pages as it needs, each `room` wide and high in points. None for an empty text. */
export function pagesOfText(
	pdf: Pdf,
	text: string,
	room: { readonly width: number; readonly height: number }
): string[][] {
	if (text.trim() === '') return [];
	const lines = text.split('\n').flatMap((paragraph) => linesOfParagraph(pdf, paragraph, Math.min(WIDEST, room.width)));
	const onPage = Math.max(1, Math.floor((room.height - HEADING.height) / LINE));
	return Array.from({ length: Math.ceil(lines.length / onPage) }, (_, i) => lines.slice(i * onPage, (i + 1) * onPage));
}

/** One page of a reflection. */
export function writePage(pdf: Pdf, lines: readonly string[], margin: number): void {
	const line = (y: number, words: string, size: number): void =>
		write(pdf, { kind: 'words', x: margin, y, words, size, face: 'serif', strong: false, anchor: 'start', fill: INK });
	line(margin + HEADING.size, 'Reflection', HEADING.size);
	lines.forEach((words, i) => line(margin + HEADING.height + (i + 0.75) * LINE, words, SIZE));
}
