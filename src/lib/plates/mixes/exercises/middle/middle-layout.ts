import { type Box } from '$lib/drawing/box';
import { LEFT, WIDTH } from '../../mix-shapes';

/** The middle mixture between its parents, the way between them under it, and the guess beside the true one. */
export const MIDDLE = {
	first: { x: LEFT, y: 84, width: 250, height: 210 },
	middle: { x: LEFT + 250, y: 84, width: WIDTH - 500, height: 210 },
	second: { x: LEFT + WIDTH - 250, y: 84, width: 250, height: 210 },
	row: { x: LEFT, y: 348, width: WIDTH, height: 44 },
	guess: { x: LEFT + 250, y: 430, width: (WIDTH - 500) / 2, height: 74 },
	truth: { x: LEFT + 250 + (WIDTH - 500) / 2, y: 430, width: (WIDTH - 500) / 2, height: 74 }
} as const satisfies Record<string, Box>;
