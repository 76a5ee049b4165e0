import { type Drawing, type Shape } from '$lib/drawing/drawing';
import { linesOf } from '$lib/drawing/lines-of';
import { PLATE_HEIGHT, PLATE_WIDTH } from '$lib/drawing/plate-size';
import { words } from '$lib/drawing/words';
import { writtenBlocks, type Block } from '$lib/study/brief/written';
import { type PrintedSheet } from '$lib/study/print';

const LEFT = 28;
const INK = '#1c1c1c';
const SOFT = '#5f5f5f';
/** A line of text is no longer than is read well, in letters; an indentation, in plate units. */
const MOST_LETTERS = 96;
const INDENT = 18;
const TITLE = { size: 25, height: 62 } as const;

interface Line {
	readonly height: number;
	readonly at: (y: number) => Shape[];
}

function linesOfBlock({ kind, depth, mark, spans }: Block): Line[] {
	const text = spans.map((span) => span.text).join('');
	const isHeading = kind === 'heading';
	const size = isHeading ? 15 : 12.5;
	const x = LEFT + (isHeading ? 0 : INDENT * (depth + (mark ? 1 : 0)));
	// A text that is stressed as a whole stands strong; there is no slanted face on paper.
	const strong = isHeading || (spans.length > 0 && spans.every((span) => span.strong));
	const lines = text.split('\n').flatMap((line) => linesOf(line, MOST_LETTERS - 3 * depth));
	return [
		...lines.map((line, i): Line => ({
			height: size * 1.4,
			at: (y) => [
				...(mark && i === 0 ? [words(x - INDENT, y, mark, { size, fill: SOFT })] : []),
				words(x, y, line, { size, fill: INK, face: strong ? 'sans' : 'serif', strong })
			]
		})),
		{ height: 6, at: () => [] }
	];
}

/** The text of a brief as drawings of the size of plates, as many as it needs. */
export function briefPages({ title, text, facts }: PrintedSheet): Drawing[] {
	const lines: Line[] = [
		...facts.map((fact): Line => ({ height: 17, at: (y) => [words(LEFT, y, fact, { size: 12, fill: SOFT })] })),
		...(facts.length > 0 ? [{ height: 8, at: () => [] }] : []),
		...writtenBlocks(text).flatMap(linesOfBlock)
	];
	const pages: Shape[][] = [[]];
	let y: number = TITLE.height;
	for (const line of lines) {
		if (y + line.height > PLATE_HEIGHT - LEFT) {
			pages.push([]);
			y = TITLE.height;
		}
		y += line.height;
		pages.at(-1)!.push(...line.at(y));
	}
	return pages.map((shapes, i) => ({
		title: i === 0 ? title : `${title}, ${i + 1}`,
		width: PLATE_WIDTH,
		height: PLATE_HEIGHT,
		paper: '#ffffff',
		shapes: [words(LEFT, 42, title, { face: 'serif', size: TITLE.size, fill: INK }), ...shapes]
	}));
}
