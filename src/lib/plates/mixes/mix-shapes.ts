import { type MixesPlate } from './schema';
import { type LinkedColour } from '$lib/model/linked';
import { type Shape } from '$lib/drawing/drawing';
import { barsIn } from '$lib/drawing/bars';
import { type Box } from '$lib/drawing/box';
import { linkedOf, textOf } from '$lib/model/resolve';
import { words } from '$lib/drawing/words';
import { type Patch } from '$lib/drawing/patch';

export const MARGIN = 28;

export const rowOf = (box: Box, patches: readonly Patch[]): Shape[] =>
	barsIn(
		box,
		patches.map(({ hex }) => hex)
	);

/** What a parent is called: its linked colour's name, or its own text. */
export const parentName = ({ parents }: MixesPlate, index: number, linked: readonly LinkedColour[]): string => {
	const { colour } = parents[index]!;
	return linkedOf(colour, linked)?.name ?? textOf(colour, linked);
};

/** Words under the middle of a box. */
export const under = ({ x, y, width, height }: Box, text: string, drop = 15): Shape =>
	words(x + width / 2, y + height + drop, text, { anchor: 'middle' });
