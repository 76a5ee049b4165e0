import { list } from '$lib/core/scale/remarks';
import { colourWords } from '$lib/core/colour/hue-words';
import { type LinkedColour } from '$lib/model/linked';
import { nameOfScale } from './draw-scales';
import { scaleOf } from './scale-of';
import { type ScalesPlate } from './schema';

/** Each row by its name, its count, and the words for its colours, each said once where neighbours share them. */
export function describeScales({ scales }: ScalesPlate, linked: readonly LinkedColour[]): string {
	if (scales.length === 0) return 'No scales yet.';
	const rows = scales.map((scale, i) => {
		const { steps, inAll } = scaleOf(scale, linked);
		const words = steps.map(({ linear }) => colourWords(linear)).filter((each, at, all) => each !== all[at - 1]);
		return `Row ${i + 1}: ${nameOfScale(scale, linked)}, ${inAll} steps: ${list(words)}.`;
	});
	return [`${scales.length} ${scales.length === 1 ? 'scale' : 'scales'}.`, ...rows].join(' ');
}
