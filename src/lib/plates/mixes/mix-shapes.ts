import { type Shape } from '$lib/drawing/drawing';
import { barsIn } from '$lib/drawing/bars';
import { type Box } from '$lib/drawing/box';
import { PLATE_WIDTH } from '$lib/drawing/plate-size';
import { words } from '$lib/drawing/words';
import { type Patch } from '$lib/drawing/patch';

/** Where things stand on a plate of mixes, in plate units. */
export const LEFT = 28;
export const WIDTH = PLATE_WIDTH - 2 * LEFT;

export const rowOf = (box: Box, patches: readonly Patch[]): Shape[] =>
	barsIn(
		box,
		patches.map(({ hex }) => hex)
	);

/** Words under the middle of a box. */
export const under = ({ x, y, width, height }: Box, text: string, drop = 15): Shape =>
	words(x + width / 2, y + height + drop, text, { anchor: 'middle' });
