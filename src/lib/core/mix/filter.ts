import { linearToSrgb, srgbToLinear } from '../colour/srgb';
import { type ReadonlyTriple, type Triple } from '../colour/vector';
import { totalOf, type Part } from './light';

/** Coloured filters laid over each other: what each lets through, multiplied; a weight is a filter's thickness, 1 as given. */
export function throughFilters(filters: readonly Part[]): Triple {
	totalOf(filters);
	const through = (i: 0 | 1 | 2): number =>
		filters.reduce((light, { linear, weight }) => light * linear[i] ** weight, 1);
	return [through(0), through(1), through(2)];
}

/** The product of encoded channels, as layers in most drawing programs multiply: near to filters, because encoding is nearly a power, and no physics. */
export function multipliedOnScreen(one: ReadonlyTriple, other: ReadonlyTriple): Triple {
	const product = (i: 0 | 1 | 2): number => srgbToLinear(linearToSrgb(one[i]) * linearToSrgb(other[i]));
	return [product(0), product(1), product(2)];
}
