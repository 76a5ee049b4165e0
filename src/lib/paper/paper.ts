import { coloursOfPlate, describePlate, drawPlate, isListed } from '$lib/plates/draw-plate';
import { trimmed } from './trimmed';
import { type Plate } from '$lib/plates/plate';
import { type LinkedColour } from '$lib/model/linked';
import { pageSize, type PageLayout, type PrintedSheet } from '$lib/study/print';
import { briefPages } from './brief-page';
import { emptied } from './emptied';
import { type Page, type Room } from './sheets';

/** All around the page, and what the title block takes at its foot, in points. */
export const MARGIN = 36;
export const FOOT = 38;
/** Of codes in the title block: their size and the height of a line, in points. */
export const CODE_SIZE = 8.5;
export const CODE_LINE = 11;
const BETWEEN = ' · ';

/** How wide words are in a face at a size, in points. */
export type Measure = (words: string, face: 'serif' | 'sans', size: number) => number;

/** Names with their codes in as few lines as they fit in, each code whole. */
function linesOf(codes: readonly string[], width: number, measure: Measure): string[] {
	return codes.reduce<string[]>((lines, code) => {
		const longer = lines.length === 0 ? code : `${lines.at(-1)!}${BETWEEN}${code}`;
		if (lines.length > 0 && measure(longer, 'sans', CODE_SIZE) <= width) return [...lines.slice(0, -1), longer];
		return [...lines, code];
	}, []);
}

/** Where the title block begins on a page so high, over so many lines of codes, in points. */
export const topOfFoot = (height: number, lines: number): number => height - MARGIN - FOOT + 14 - lines * CODE_LINE;

/** What a page of a layout has for its drawings. */
export function roomOf(layout: PageLayout, measure: Measure): Room {
	const [width, height] = pageSize(layout).map((side) => side - 2 * MARGIN) as [number, number];
	return {
		width,
		height: height - FOOT,
		lineHeight: CODE_LINE,
		linesOf: (codes) => linesOf(codes, width, measure)
	};
}

/** Plates as they are printed, each drawn when it is asked for: without the empty foot of its sheet. */
export function* pagesOf({
	plates,
	linked,
	questions,
	codes,
	sheet
}: {
	readonly plates: Iterable<Plate>;
	readonly linked: readonly LinkedColour[];
	/** Which of them, by their places, are drawn as questions. */
	readonly questions: readonly number[];
	/** Whether the title block names the colours of exercises with their codes. */
	readonly codes: boolean;
	/** A brief whose text stands first, and whose plates are drawn empty. */
	readonly sheet?: PrintedSheet | undefined;
}): Generator<Page> {
	let place = 0;
	const keep = new Set(sheet?.keep ?? []);
	if (sheet) for (const drawing of briefPages(sheet)) yield { drawing, says: () => sheet.text, codes: [] };
	for (const plate of plates) {
		const drawing = drawPlate(plate, linked, questions.includes(place++) ? 'question' : 'full');
		yield {
			drawing: trimmed(sheet ? emptied(drawing, keep) : drawing),
			says: () => describePlate(plate, linked),
			codes: codes && isListed(plate) ? coloursOfPlate(plate, linked).map(({ name, hex }) => `${name} ${hex}`) : []
		};
	}
}

/** How many pages come of plates, with the text of a brief before them. */
export const countPages = (plates: number, sheet?: PrintedSheet): number =>
	plates + (sheet ? briefPages(sheet).length : 0);
