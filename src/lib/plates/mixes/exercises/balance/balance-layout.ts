import { type Box } from '$lib/drawing/box';
import { LEFT, WIDTH } from '../../mix-shapes';

/** The same colours in balance, under the areas that a person gave them. */
export const BALANCED: Box = { x: LEFT, y: 292, width: WIDTH, height: 150 };

/** Two blankets side by side: the areas as a person set them, and in balance. */
export const BLANKETS: readonly [Box, Box] = [
	{ x: LEFT, y: 194, width: 356, height: 290 },
	{ x: LEFT + WIDTH - 356, y: 194, width: 356, height: 290 }
];
