import { valueToLuminance } from '$lib/core/colour/lab';
import { type Triple } from '$lib/core/colour/vector';
import { type GroundsCommon } from './common';
import { bar } from '$lib/drawing/bars';
import { type Shape } from '$lib/drawing/drawing';
import { type Box } from '$lib/drawing/box';
import { outlineOf } from '$lib/drawing/figure';
import { patchOf } from '$lib/drawing/patch';
import { PAPER, INK } from '$lib/drawing/words';

/** The board of the model: a fifth of white. */
const BOARD_Y = valueToLuminance(51.8);
export const BOARD_LINEAR: Triple = [BOARD_Y, BOARD_Y, BOARD_Y];
export const BOARD_FILL = patchOf(BOARD_LINEAR).hex;

/** A figure of the plate's form in a box. */
export const figureOf = ({ form }: Pick<GroundsCommon, 'form'>, box: Box, fill: string): Shape => ({
	kind: 'area',
	path: outlineOf(form, box),
	fill
});

const MARK = { x: 28, size: 20, apart: 30 } as const;

/** The box of a mark by its number from 0. */
export const markBox = (index: number, y: number): Box => ({
	x: MARK.x + index * MARK.apart,
	y,
	width: MARK.size,
	height: MARK.size
});

/** A row of small squares: a full one for each that is true, an open one for each that is not. */
export const marksOf = (marks: readonly boolean[], y: number): Shape[] =>
	marks.flatMap((isFull, i) => {
		const box = markBox(i, y);
		const inner = { x: box.x + 2, y: y + 2, width: box.width - 4, height: box.height - 4 };
		return isFull ? [bar(box, INK)] : [bar(box, INK), bar(inner, PAPER)];
	});
