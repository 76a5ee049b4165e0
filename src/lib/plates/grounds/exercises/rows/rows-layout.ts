import { type Box } from '$lib/drawing/box';
import { type GroundsCommon } from '../../common';
import { figureIn, LEFT, WIDTH } from '../../grounds-layout';

const ROW = { y: 84, height: 210 } as const;

/** The grounds of a row, side by side, and the bars of their shifts under them. */
export const rowBoxes = (count: number): Box[] =>
	Array.from({ length: count }, (_, i) => ({ x: LEFT + (i * WIDTH) / count, ...ROW, width: WIDTH / count }));

/** Where the figures on one ground of a row stand: one in its middle, or the steps of a scale from top to bottom. */
export function figuresIn({ x, y, width, height }: Box, { form, size }: GroundsCommon, count: number): Box[] {
	if (count === 1) return [figureIn({ x, y, width, height }, form, size)];
	const each = (height - 2 * COLUMN_MARGIN) / count;
	return Array.from({ length: count }, (_, i) =>
		figureIn({ x, y: y + COLUMN_MARGIN + i * each, width, height: each }, form, Math.min(0.9, size * STEP_SIZE))
	);
}
const COLUMN_MARGIN = 8;
/** A step of a scale takes this much more of its smaller share of the ground. */
const STEP_SIZE = 2.4;

export const SHIFTS = { value: 390, chroma: 490, reach: 44 } as const;
