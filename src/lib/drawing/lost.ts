import { differenceOfLinear } from '$lib/core/difference/lab-of-linear';
import { HARD_TO_TELL } from '$lib/core/scale/readings';
import { type ReadonlyTriple } from '$lib/core/colour/vector';
import { type Box } from './box';
import { type Shape } from './drawing';
import { SOFT } from './words';

const TICK = 5;

/** A corner of a colour, with the direction in which a tick leads away from it. */
export type Corner = readonly [x: number, y: number, dx: number, dy: number];

/** Whether a colour (linear sRGB) would be lost on the plate's ground. */
export const vanishes = (linear: ReadonlyTriple, ground: ReadonlyTriple): boolean =>
	differenceOfLinear(linear, ground) < HARD_TO_TELL;

/** Small ticks outside the corners of a step that would be lost on the ground: never a line around it. */
export const ticks = (corners: readonly Corner[]): Shape[] =>
	corners.map(([x, y, dx, dy]) => ({ kind: 'rule', x1: x, y1: y, x2: x + TICK * dx, y2: y + TICK * dy, stroke: SOFT }));

/** Ticks that lead away up and down from the four corners. */
export const upright = ({ x, y, width, height }: Box): Corner[] =>
	[x, x + width].flatMap((corner) => [[corner, y - 1, 0, -1] as const, [corner, y + height + 1, 0, 1] as const]);

/** Ticks that lead away sideways from the left (−1) or the right (1) corners. */
export function sideways({ x, y, width, height }: Box, side: -1 | 1): Corner[] {
	const at = side < 0 ? x - 1 : x + width + 1;
	return [y, y + height].map((corner) => [at, corner, side, 0] as const);
}
