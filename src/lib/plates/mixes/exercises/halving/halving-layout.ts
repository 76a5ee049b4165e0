import { type Box } from '$lib/drawing/box';
import { LEFT, WIDTH } from '../../mix-shapes';

const TREE = { top: 78, room: 250, gap: 7 } as const;

/** One box for each row of the tree of middles. */
export function treeBoxes(levels: number): Box[] {
	const height = TREE.room / levels - TREE.gap;
	return Array.from({ length: levels }, (_, i) => ({
		x: LEFT + 112,
		y: TREE.top + i * (height + TREE.gap),
		width: WIDTH - 112,
		height
	}));
}

export const STROKES = {
	row: { x: LEFT + 112, y: 384, width: WIDTH - 112, height: 60 },
	even: { x: LEFT + 112, y: 468, width: WIDTH - 112, height: 44 }
} as const;
