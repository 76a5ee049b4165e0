import { differenceOfLinear } from '$lib/core/difference/lab-of-linear';
import { type Triple } from '$lib/core/colour/vector';
import { middleMixture } from '$lib/core/mix/halving';
import { leanedShare } from '$lib/core/mix/ways';
import { pathBetween, pointOn } from '$lib/core/scale/path';
import { patchBy, patchOf, type Patch } from '$lib/drawing/patch';
import { type LinkedColour } from '$lib/model/linked';
import { type MixesCommon } from '../../common';
import { parentsOf } from '../../parents';
import { type Middle } from './schema';

/** ΔE00 to the first and to the second parent. */
interface Apart {
	readonly toFirst: number;
	readonly toSecond: number;
}

/** The mixture that is shown, with the true middle and the one that was found by eye. */
export interface MadeMiddle extends Patch, Apart {
	readonly parents: readonly [Patch, Patch];
	/** Share of the way, 0–1, of the mixture that is shown. */
	readonly share: number;
	/** The true middle. */
	readonly middle: Patch;
	readonly guess: (Patch & Apart & { readonly off: number }) | null;
}

export function middleOf(common: MixesCommon, { lean, guess }: Middle, linked: readonly LinkedColour[]): MadeMiddle {
	const [one, other] = parentsOf(common, linked);
	const [first, second] = [one!.linear, other!.linear];
	const { linear, share: middleShare } = middleMixture(first, second);
	const share = leanedShare(middleShare, lean);
	const shown = lean === 0 ? linear : pointOn(pathBetween(first, second, 'oklab', false), share).linear;
	const apart = (from: Triple): Apart => ({
		toFirst: differenceOfLinear(first, from),
		toSecond: differenceOfLinear(from, second)
	});
	const found = guess && patchBy(guess, linked);
	return {
		...patchOf(shown),
		...apart(shown),
		parents: [one!, other!],
		share,
		middle: patchOf(linear),
		guess: found && { ...found, ...apart(found.linear), off: differenceOfLinear(found.linear, linear) }
	};
}
