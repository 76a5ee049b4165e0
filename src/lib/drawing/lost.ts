import { differenceOfLinear } from '$lib/core/difference/lab-of-linear';
import { HARD_TO_TELL } from '$lib/core/scale/readings';
import { type ReadonlyTriple } from '$lib/core/colour/vector';
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
