import { colourOfValue } from '../colour/hold-luminance';
import { linearToHex } from '../colour/bytes';
import { seeded } from '../seeded';

/** What a row of chips is brought into order by. */
export const SORTED_BY = ['value', 'hue'] as const;
export type SortedBy = (typeof SORTED_BY)[number];

/** Chips of a row. The first and the last stand where they belong, as in published arrangement tests. */
export const CHIPS = 20;

/** How far a row of hues goes round, in degrees, and the value of its chips. */
const HUES = { round: 110, value: 62, chroma: 0.075 } as const;
/** Of a row of values, in L*. */
const VALUES = { from: 30, to: 84, chroma: 0.05 } as const;

export interface Row {
	/** Codes in their true order. */
	readonly codes: readonly string[];
	/** The numbers of the chips, 0 to 19, as they lie at first; both ends in their places. */
	readonly mixed: readonly number[];
}

/** Numbers in a random order, the first and the last where they are. */
function mixedUp(next: () => number): number[] {
	const order = Array.from({ length: CHIPS - 2 }, (_, i) => i + 1);
	for (let i = order.length - 1; i > 0; i--) {
		const j = Math.floor(next() * (i + 1));
		[order[i], order[j]] = [order[j]!, order[i]!];
	}
	return [0, ...order, CHIPS - 1];
}

/**
 * A row of chips to be brought into order: of one hue and rising value, or of one value and turning hue, in equal steps. Our own colours.
 * @param seed any whole number; the same one gives the same row
 */
export function drawnRow(by: SortedBy, seed: number): Row {
	const next = seeded(seed * 389 + (by === 'hue' ? 1 : 2));
	const hue = 360 * next();
	const codes = Array.from({ length: CHIPS }, (_, i) => {
		const share = i / (CHIPS - 1);
		const { linear } =
			by === 'hue'
				? colourOfValue(HUES.value, HUES.chroma, hue + HUES.round * share)
				: colourOfValue(VALUES.from + (VALUES.to - VALUES.from) * share, VALUES.chroma, hue);
		return linearToHex(...linear);
	});
	return { codes, mixed: mixedUp(next) };
}

/**
 * The error of an order, as D. Farnsworth reckons it ("The Farnsworth-Munsell 100-Hue and Dichotomous Tests for Color Vision", JOSA 33,
 * 1943): of each chip the sum of the differences between its number and those of its two neighbours, less 2; over all chips but the ends.
 * 0 is the true order.
 * @param order the chips by their true numbers, as they lie
 */
export function orderError(order: readonly number[]): number {
	return chipErrors(order).reduce((sum, error) => sum + error, 0);
}

/** Of each chip but the ends, how far it stands from where it belongs by its neighbours; in the order in which they lie. */
export const chipErrors = (order: readonly number[]): number[] =>
	order.slice(1, -1).map((chip, i) => Math.abs(chip - order[i]!) + Math.abs(chip - order[i + 2]!) - 2);
