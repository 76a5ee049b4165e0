import { type DesignReadings } from '$lib/core/pattern/read-design';
import { holds, look, type Remark } from '$lib/core/remark';
import { HARD_TO_TELL } from '$lib/core/scale/readings';

interface Read {
	readonly name: string;
	readonly readings: DesignReadings;
}

/** What is said of several climates of one design: which is lightest and darkest, and where two neighbours run into each other. */
export function remarksOnClimates(all: readonly Read[]): Remark[] {
	const filled = all.filter(({ readings }) => readings.filled > 0);
	if (filled.length < 2) return [];
	const byValue = [...filled].sort((one, other) => other.readings.meanValue - one.readings.meanValue);
	const [lightest, darkest] = [byValue[0]!, byValue.at(-1)!];
	const merged = filled.filter(({ readings }) => readings.nearest && readings.nearest.difference < HARD_TO_TELL);
	return [
		holds('climates.values', `${lightest.name} is the lightest, ${darkest.name} the darkest.`),
		...merged.map(({ name, readings }) =>
			look(
				'climates.merged',
				`In ${name} colours ${readings.nearest!.one + 1} and ${readings.nearest!.other + 1} touch and are hard to tell, ${readings.nearest!.difference.toFixed(1)} ΔE00 apart.`
			)
		)
	];
}
