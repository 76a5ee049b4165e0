import { halve, layStrokes } from '$lib/core/mix/halving';
import { patchOf, type Patch } from '$lib/drawing/patch';
import { type LinkedColour } from '$lib/model/linked';
import { type MixesCommon } from '../../common';
import { parentsOf } from '../../parents';
import { stepsBetween } from '../../steps-between';
import { type Halving } from './schema';

export interface MadeHalving {
	/** Rows of the tree of middles with both ends, level by level. */
	readonly tree: readonly Patch[][];
	/** What strokes give, from the bare ground on. */
	readonly strokes: readonly Patch[];
	/** As many colours in even steps between the ends of the strokes. */
	readonly even: readonly Patch[];
}

export function halvingOf(
	common: MixesCommon,
	{ levels, method, strength, strokes }: Halving,
	linked: readonly LinkedColour[]
): MadeHalving {
	const [one, other] = parentsOf(common, linked) as [Patch, Patch];
	const tree = halve(one.linear, other.linear, method, levels);
	const row = Array.from({ length: strokes + 1 }, (_, n) => patchOf(layStrokes(one.linear, other.linear, strength, n)));
	return {
		tree: tree.map((middles) => [one, ...middles.map(patchOf), other]),
		strokes: row,
		even: stepsBetween(row[0]!, row.at(-1)!, strokes - 1)
	};
}
