import { ringWords } from '$lib/core/scheme/chart-words';
import { type LinkedColour } from '$lib/model/linked';
import { hueName } from './cell-names';
import { chartOf } from './chart-of';
import { type WheelPlate } from './schema';

/** The hues of the wheel in words, in their order round it, and what its rings are. */
export function describeWheel(plate: WheelPlate, linked: readonly LinkedColour[]): string {
	const hues = chartOf(plate, linked).map(({ angle, steps }, i) => `${i + 1} ${hueName(plate, angle, steps)}`);
	const rings = [
		...(plate.inside.count > 0 ? [`${ringWords(plate.inside)} inside`] : []),
		...(plate.outside.count > 0 ? [`${ringWords(plate.outside)} outside`] : [])
	];
	return `A wheel of ${plate.hues} hues${rings.length > 0 ? `, each with ${rings.join(' and ')}` : ''}: ${hues.join(', ')}.`;
}
