import { type Box } from '$lib/drawing/box';
import { PLATE_HEIGHT, PLATE_WIDTH } from '$lib/drawing/plate-size';

const MARGIN = 28;
const WIDE = PLATE_WIDTH - 2 * MARGIN;

/** Where the design stands, and the shares of its colours under it. */
export const DESIGN: Box = { x: MARGIN, y: 58, width: WIDE, height: 392 };
export const SHARES: Box = { x: MARGIN, y: 490, width: WIDE, height: 26 };

/** The design of a thumbnail: as large as can be. */
export const SMALL: Box = { x: MARGIN, y: 28, width: WIDE, height: PLATE_HEIGHT - 56 };

const GAP = 22;
const ACROSS = 3;
/** What stands under each design of several, in plate units. */
const UNDER = 128;
const TOP = 58;

/** Where one of several designs stands, by its number: three in a row. */
export function climateBox(index: number): Box {
	const width = (WIDE - (ACROSS - 1) * GAP) / ACROSS;
	const height = (width * DESIGN.height) / DESIGN.width;
	return {
		x: MARGIN + (index % ACROSS) * (width + GAP),
		y: TOP + Math.floor(index / ACROSS) * (height + UNDER),
		width,
		height
	};
}
