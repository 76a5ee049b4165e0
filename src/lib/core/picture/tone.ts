import { linearToOklch } from '../colour/oklab';
import { LINEAR_OF_BYTE } from '../colour/bytes';
import { temperature } from '../scheme/temperature';
import { countValues } from './notan';
import { type Pixels } from './square';

/** What a picture is made of, beside its colours. */
export interface Tone {
	/** Shares of its area, 0–1, that are warm, cool, or so near grey that it matters little; they make up 1. */
	readonly warm: number;
	readonly cool: number;
	readonly grey: number;
	/** L* under which 5, 25, 50, 75 and 95 per cent of its area lie. */
	readonly values: readonly [number, number, number, number, number];
}

/** OKLCH chroma under which a part of a picture counts as near grey (common practice, no source for the number). */
export const NEAR_GREY = 0.025;
const PARTS = [0.05, 0.25, 0.5, 0.75, 0.95] as const;

/** L* under which each part of the area lies. */
function valuesUnder(counts: Float64Array): number[] {
	const whole = counts.reduce((sum, count) => sum + count, 0);
	let [level, sum] = [0, counts[0]!];
	return PARTS.map((part) => {
		while (sum < part * whole && level < counts.length - 1) sum += counts[++level]!;
		return (100 * level) / (counts.length - 1);
	});
}

/** How many pixels each bin of 32 codes a channel has; what is more than half transparent is left out. */
function countBins({ rgba }: Pixels): Float64Array {
	const counts = new Float64Array(32 ** 3);
	for (let at = 0; at < rgba.length; at += 4) {
		if (rgba[at + 3]! < 128) continue;
		const bin = ((rgba[at]! >> 3) << 10) | ((rgba[at + 1]! >> 3) << 5) | (rgba[at + 2]! >> 3);
		counts[bin] = counts[bin]! + 1;
	}
	return counts;
}

/** Warm against cool, and how values are spread, of a picture in which something is to be seen. */
export function toneOf(picture: Pixels): Tone {
	const shares = { warm: 0, cool: 0, neutral: 0 };
	let whole = 0;
	countBins(picture).forEach((count, bin) => {
		if (count === 0) return;
		const middle = (level: number): number => LINEAR_OF_BYTE[8 * level + 4]!;
		const linear = [middle(bin >> 10), middle((bin >> 5) & 31), middle(bin & 31)] as const;
		const isGrey = linearToOklch([...linear])[1] < NEAR_GREY;
		shares[isGrey ? 'neutral' : temperature(linear)] += count;
		whole += count;
	});
	const [v5, v25, v50, v75, v95] = valuesUnder(countValues(picture)) as [number, number, number, number, number];
	const share = (count: number): number => (whole === 0 ? 0 : count / whole);
	return {
		warm: share(shares.warm),
		cool: share(shares.cool),
		grey: share(shares.neutral),
		values: [v5, v25, v50, v75, v95]
	};
}

/** High where three quarters of the area have L* ≥ 65, low where they have L* ≤ 40 (common practice, no source); otherwise neither. */
export function keyOf({ values: [, v25, , v75] }: Tone): 'high' | 'low' | null {
	if (v25 >= 65) return 'high';
	return v75 <= 40 ? 'low' : null;
}
