import { HIGH_KEY, LOW_KEY } from '../brief/rules';
import { differenceOfLinear } from '../difference/lab-of-linear';
import { areasInBalance } from '../ground/balance';
import { isGrey } from '../colour/hueless';
import { linearToOklch } from '../colour/oklab';
import { type Triple } from '../colour/vector';
import { valueOf } from '../colour/value-of';
import { HARD_TO_TELL } from '../scale/readings';
import { temperature } from '../scheme/temperature';
import { type Grid } from './grid';

/** What a design comes to. Shares are of the area of what is filled, 0–1. */
export interface DesignReadings {
	/** How many cells have a colour. */
	readonly filled: number;
	/** The share of each colour, by its number. */
	readonly shares: readonly number[];
	/** Value L* of each. */
	readonly values: readonly number[];
	/** The least and the greatest value that is used; null where nothing is filled. */
	readonly range: readonly [number, number] | null;
	/** Mean value and mean OKLCH chroma by area. */
	readonly meanValue: number;
	readonly meanChroma: number;
	/** Shares of warm, cool and grey colours. */
	readonly warm: number;
	readonly cool: number;
	readonly grey: number;
	/** Key: high where three quarters of the area have L* ≥ 65, low where they have L* ≤ 40 (common practice); otherwise none. */
	readonly key: 'high' | 'low' | null;
	/** Borders between cells of different colours, and those of them under `HARD_TO_TELL`; the nearest pair, where there is a border. */
	readonly borders: number;
	readonly hard: number;
	readonly nearest: { readonly one: number; readonly other: number; readonly difference: number } | null;
	/** Colours that no cell has. */
	readonly unused: readonly number[];
	/** The share of each used colour that is no grey over its share in balance (Goethe's light values); null for the others. */
	readonly balance: readonly (number | null)[];
}

/** Three quarters, but for the rounding of areas that are added up. */
const MOSTLY = 0.75 - 1e-9;

/** How often each pair of colours meets along an edge, by the lower number and the higher. */
function meetings({ neighbours }: Grid, content: readonly (number | null)[], count: number): number[] {
	const met = Array.from({ length: count * count }, () => 0);
	for (let cell = 0; cell < neighbours.length; cell++) {
		const own = content[cell] ?? null;
		if (own === null) continue;
		for (const other of neighbours[cell]!) {
			const beside = other > cell ? (content[other] ?? null) : null;
			if (beside === null || beside === own) continue;
			met[Math.min(own, beside) * count + Math.max(own, beside)]!++;
		}
	}
	return met;
}

function balanceOf(colours: readonly Triple[], shares: readonly number[]): (number | null)[] {
	const at = colours.flatMap((colour, i) => (shares[i]! > 0 && !isGrey(colour) ? [i] : []));
	if (at.length < 2) return colours.map(() => null);
	const wanted = areasInBalance(at.map((i) => colours[i]!));
	const whole = at.reduce((sum, i) => sum + shares[i]!, 0);
	return colours.map((_, i) => {
		const place = at.indexOf(i);
		return place < 0 ? null : shares[i]! / whole / wanted[place]!;
	});
}

/**
 * Reads a design: for each cell the number of its colour or null, and the colours in linear sRGB as a screen shows them.
 */
export function readDesign(
	grid: Grid,
	content: readonly (number | null)[],
	colours: readonly Triple[]
): DesignReadings {
	const count = colours.length;
	const areas = Array.from({ length: count }, () => 0);
	let [whole, filled] = [0, 0];
	grid.cells.forEach(({ area }, cell) => {
		const own = content[cell] ?? null;
		if (own === null) return;
		areas[own]! += area;
		whole += area;
		filled++;
	});
	const shares = areas.map((area) => (whole > 0 ? area / whole : 0));
	const values = colours.map(valueOf);
	const sum = (of: (i: number) => number): number => shares.reduce((all, share, i) => all + share * of(i), 0);
	const used = shares.flatMap((share, i) => (share > 0 ? [i] : []));
	const met = meetings(grid, content, count);
	let [borders, hard] = [0, 0];
	let nearest: DesignReadings['nearest'] = null;
	met.forEach((times, at) => {
		if (times === 0) return;
		const [one, other] = [Math.floor(at / count), at % count];
		const difference = differenceOfLinear(colours[one]!, colours[other]!);
		borders += times;
		if (difference < HARD_TO_TELL) hard += times;
		if (!nearest || difference < nearest.difference) nearest = { one, other, difference };
	});
	const temperatures = colours.map((colour) => (isGrey(colour) ? 'grey' : temperature(colour)));
	const over = (fits: (value: number) => boolean): number => sum((i) => Number(fits(values[i]!)));
	const key =
		filled === 0
			? null
			: over((value) => value >= HIGH_KEY) >= MOSTLY
				? 'high'
				: over((value) => value <= LOW_KEY) >= MOSTLY
					? 'low'
					: null;
	return {
		filled,
		shares,
		values,
		range:
			used.length > 0 ? [Math.min(...used.map((i) => values[i]!)), Math.max(...used.map((i) => values[i]!))] : null,
		meanValue: sum((i) => values[i]!),
		meanChroma: sum((i) => linearToOklch(colours[i]!)[1]),
		warm: sum((i) => Number(temperatures[i] === 'warm')),
		cool: sum((i) => Number(temperatures[i] === 'cool')),
		grey: sum((i) => Number(temperatures[i] === 'grey')),
		key,
		borders,
		hard,
		nearest,
		unused: shares.flatMap((share, i) => (share === 0 ? [i] : [])),
		balance: balanceOf(colours, shares)
	};
}

/** The colours of a design with their shares exchanged: the one that covers most for the one that covers least, and so on inwards; for each its new number. */
export function exchanged(shares: readonly number[]): number[] {
	const used = shares.flatMap((share, i) => (share > 0 ? [i] : []));
	const byShare = [...used].sort((one, other) => shares[other]! - shares[one]! || one - other);
	return shares.map((_, i) => {
		const place = byShare.indexOf(i);
		return place < 0 ? i : byShare[byShare.length - 1 - place]!;
	});
}
