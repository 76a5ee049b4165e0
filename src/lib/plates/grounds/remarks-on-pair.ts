import { holds, type Remark } from '$lib/core/remark';
import { type Seen } from './seen';

/** What the model says of a figure on each of two grounds. */
export const remarksOnPair = ([one, other]: readonly [Seen, Seen]): Remark[] => [
	holds(`On the first ground: ${one.shift.words}.`),
	holds(`On the second: ${other.shift.words}.`)
];
