import { differenceOfLinear } from '$lib/core/difference/lab-of-linear';
import { holds, type Remark } from '$lib/core/remark';
import { type Seen } from './seen';

/** What the model says of a figure on each of two grounds; nothing before it is asked. */
export const remarksOnPair = ([one, other]: readonly [Seen, Seen], predicted: boolean): Remark[] =>
	predicted
		? [
				holds('grounds.shift', `By the model, on the first ground: ${one.shift.words}.`),
				holds('grounds.shift', `By the model, on the second: ${other.shift.words}.`)
			]
		: [];

/** How far apart (ΔE00) the two look by the model. */
export const lookApart = ([one, other]: readonly [Seen, Seen]): number =>
	differenceOfLinear(one.looks.linear, other.looks.linear);
