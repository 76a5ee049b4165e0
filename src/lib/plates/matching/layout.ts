import { type Box } from '$lib/drawing/box';
import { PLATE_HEIGHT, PLATE_WIDTH } from '$lib/drawing/plate-size';

const MARGIN = 28;
const TOP = 66;
const GAP = 22;
const WIDE = PLATE_WIDTH - 2 * MARGIN;
const EACH = (WIDE - GAP) / 2;

/** The subject at the left and the drawing of it at the right; or both in one. */
export const SUBJECT_BOX: Box = { x: MARGIN, y: TOP, width: EACH, height: 1.1 * EACH };
export const DRAWN_BOX: Box = { ...SUBJECT_BOX, x: MARGIN + EACH + GAP };
export const ONE_BOX: Box = { x: MARGIN, y: 96, width: WIDE, height: 300 };

/** The regions as chips under the drawing. */
const STRIP: Box = { x: DRAWN_BOX.x, y: DRAWN_BOX.y + DRAWN_BOX.height + 13, width: EACH, height: 26 };
export const STRIP_LINE = STRIP.y + STRIP.height + 15;
/** Chips of one colour, as all are at first, must be told apart. */
const APART = 3;
export const chipBox = (index: number, count: number): Box => ({
	...STRIP,
	x: STRIP.x + (index * (STRIP.width + APART)) / count,
	width: (STRIP.width + APART) / count - APART
});
/** The line of words under the subject. */
export const ASK = { x: MARGIN, y: STRIP.y + 20 };
export const ASK_ONE = { x: MARGIN, y: ONE_BOX.y + ONE_BOX.height + 40 };

/** The colours by which a subject is put together, at its side. */
export function colourBox(index: number, count: number): Box {
	const high = Math.min(86, (DRAWN_BOX.height - 10 * (count - 1)) / count);
	return { x: DRAWN_BOX.x, y: DRAWN_BOX.y + index * (high + 10), width: high * 1.6, height: high };
}

/** A picture of the subject over one of the attempt, and the worst region beside them. */
export const SMALL: Box = { x: MARGIN, y: 72, width: 176, height: 193.6 };
export const SMALL_PAIR = 132;
export const WORST: Box = { x: 322, y: 72, width: 196, height: 176 };
export const WORDS_X = 538;
/** The lines of the other regions. */
const LINES = { top: 296, each: 44 } as const;
export const LINE_X = { name: MARGIN, chips: 138, words: 308, end: MARGIN + WIDE } as const;
export const lineTop = (line: number): number => LINES.top + line * LINES.each;
export const lineBox = (line: number): Box => ({
	x: LINE_X.chips,
	y: lineTop(line) + 4,
	width: 152,
	height: LINES.each - 8
});
export const LINE_HEIGHT = LINES.each;
export const FOOT = PLATE_HEIGHT - 14;

/** The neutral board on which a figure is matched: a fifth of the light of white. */
export const BOARD = '#7c7c7c';
/** A figure in the middle of its ground. */
export function figureIn({ x, y, width, height }: Box): Box {
	const side = 0.4 * Math.min(width, height);
	return { x: x + (width - side) / 2, y: y + (height - side) / 2, width: side, height: side };
}
