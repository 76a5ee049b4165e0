import { type Box } from '$lib/drawing/box';
import { LEFT, WIDTH } from '../../mix-shapes';

/** The fine pattern and its flat mean beside it. */
export const OPTICAL = {
	pattern: { x: LEFT + 24, y: 84, width: 330, height: 330 },
	mean: { x: LEFT + WIDTH - 354, y: 84, width: 330, height: 330 }
} as const;

/** A box drawn back to a share of its size about its middle. */
export function steppedBack({ x, y, width, height }: Box, share: number): Box {
	return {
		x: x + (width * (1 - share)) / 2,
		y: y + (height * (1 - share)) / 2,
		width: width * share,
		height: height * share
	};
}
