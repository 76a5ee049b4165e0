import { HUELESS } from '../colour/hueless';
import { linearToOklch } from '../colour/oklab';
import { valueOf } from '../colour/value-of';
import { type ReadonlyTriple } from '../colour/vector';
import { type Spot } from './square';

/** By what the colours of a picture are put in order: light to dark, round the hues, from left to right, or as a person has put them. */
export const ORDERS = ['value', 'hue', 'place', 'hand'] as const;
export type Order = (typeof ORDERS)[number];

/** A place with its colour, linear sRGB 0–1. */
export interface Placed extends Spot {
	readonly linear: ReadonlyTriple;
}

const byValue = (one: Placed, other: Placed): number => valueOf(other.linear) - valueOf(one.linear);

/** Round the hues (OKLCH) from where the widest gap between two of them ends; what has no hue comes last, light to dark. */
function byHue<P extends Placed>(places: readonly P[]): P[] {
	const hued = places
		.map((place) => ({ place, lch: linearToOklch([place.linear[0], place.linear[1], place.linear[2]]) }))
		.filter(({ lch }) => lch[1] >= HUELESS)
		.sort((one, other) => one.lch[2] - other.lch[2]);
	const gaps = hued.map(({ lch }, i) => (lch[2] - hued.at(i - 1)!.lch[2] + 360) % 360);
	const begin = Math.max(0, gaps.indexOf(Math.max(...gaps)));
	const round = [...hued.slice(begin), ...hued.slice(0, begin)].map(({ place }) => place);
	return [...round, ...places.filter((place) => !round.includes(place)).sort(byValue)];
}

/** The same places in an order. */
export function inOrder<P extends Placed>(places: readonly P[], order: Order): P[] {
	if (order === 'hand') return [...places];
	if (order === 'hue') return byHue(places);
	return [...places].sort(order === 'value' ? byValue : (one, other) => one.x - other.x || one.y - other.y);
}
