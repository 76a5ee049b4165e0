import { holds, look, said, type Remark } from '../remark';
import { HARD_TO_TELL } from '../scale/readings';
import { list } from '../scale/remarks';
import { type DesignReadings } from './read-design';

/** From this share of its area in balance to that, a colour is in balance (our choice, wider than where areas are set one by one). */
const [LEAST, MOST] = [2 / 3, 3 / 2] as const;

/** Colours by their numbers, from 1: "2, 3 and 5". */
export const numbered = (indices: readonly number[]): string => list(indices.map((i) => String(i + 1)));

function onNeighbours({ borders, hard, nearest }: DesignReadings): Remark[] {
	if (!nearest) return [];
	if (hard === 0)
		return [holds('pattern.neighbours', `Neighbours: ${nearest.difference.toFixed(1)} ΔE00 apart or more.`)];
	const pair = numbered([nearest.one, nearest.other]);
	return [
		look(
			'pattern.neighbours',
			`${hard} of ${borders} borders are hard to tell, under ${HARD_TO_TELL} ΔE00; least between ${pair}.`
		)
	];
}

function onUse({ unused, shares }: DesignReadings): Remark {
	if (unused.length === 0) return holds('pattern.unused', `All ${shares.length} colours are used.`);
	const one = unused.length === 1;
	return look('pattern.unused', `Colour${one ? '' : 's'} ${numbered(unused)} ${one ? 'is' : 'are'} not used yet.`);
}

/** In balance as a whole where each colour is; otherwise the one that is farthest off. */
function onBalance({ balance }: DesignReadings): Remark[] {
	const known = balance.flatMap((ratio, i) => (ratio === null ? [] : [{ i, ratio }]));
	if (known.length < 2) return [];
	const off = ({ ratio }: { ratio: number }): number => Math.abs(Math.log(ratio));
	const { i, ratio } = known.reduce((worst, each) => (off(each) > off(worst) ? each : worst));
	const inBalance = ratio >= LEAST && ratio <= MOST;
	return [
		said(
			'pattern.balance',
			inBalance,
			inBalance
				? 'By their light values the hues hold each other in balance.'
				: `By light values, colour ${i + 1} has ${ratio.toFixed(ratio < 1 ? 2 : 1)} times its share in balance.`
		)
	];
}

function onKey({ range, key }: DesignReadings): Remark[] {
	if (!range) return [];
	const [low, high] = range.map((value) => value.toFixed(0));
	const called = key === null ? 'neither high nor low' : key;
	return [holds('pattern.key', `Value from ${low} to ${high}; the key is ${called}.`)];
}

/** What is said of a design. */
export function remarksOnDesign(readings: DesignReadings): Remark[] {
	if (readings.filled === 0) return [look('pattern.empty', 'No cell has a colour yet. Choose one and click cells.')];
	return [...onNeighbours(readings), onUse(readings), ...onKey(readings), ...onBalance(readings)];
}
