import { type Drawing } from './drawing';
import { linesOf } from './lines-of';
import { INK, words } from './words';
import { PLATE_WIDTH } from './plate-size';

const MARGIN = 28;
const SIZE = 14;
const LINE = 19;
/** A letter of the serif is about this much of its size wide. */
const LETTER = 0.47;
const MOST_LETTERS = Math.floor((PLATE_WIDTH - 2 * MARGIN) / (SIZE * LETTER));
const [OVER, UNDER] = [8, 12] as const;

const heightOf = (lines: readonly string[]): number =>
	lines.length === 0 ? 0 : OVER + lines.length * LINE + UNDER - SIZE * 0.5;

/** By how much a sheet grows by its caption, in plate units. */
export const captionHeight = (caption = ''): number => heightOf(linesOf(caption, MOST_LETTERS));

/** How high the drawing of a plate is without its caption: what lies over a drawing is placed by that. */
export const heightOver = ({ height }: Drawing, caption?: string): number => height - captionHeight(caption);

/** A drawing with what its maker wrote under it; the sheet grows by its lines. */
export function withCaption(drawing: Drawing, caption = ''): Drawing {
	const lines = linesOf(caption, MOST_LETTERS);
	if (lines.length === 0) return drawing;
	const { height, shapes } = drawing;
	const written = lines.map((line, i) =>
		words(MARGIN, height + OVER + i * LINE + SIZE * 0.5, line, { face: 'serif', size: SIZE, fill: INK })
	);
	return {
		...drawing,
		height: height + heightOf(lines),
		shapes: [...shapes, ...written]
	};
}
