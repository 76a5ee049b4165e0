import { gradationOf } from '$lib/core/scale/gradation';
import { type Bench } from '$lib/workbench/bench';
import { coloursOfScale } from '../scale-colours';
import { nameOfScale } from '../draw-scales';
import { specOf } from '../scale-of';
import { type ScalesPlate } from '../schema';
import ScaleBar from './bar/ScaleBar.svelte';
import { scaleOn } from './chosen-scale';
import ReferenceWheel from './mixer/ReferenceWheel.svelte';
import StepActions from './mixer/StepActions.svelte';
import { pathThrough } from './row-actions';
import ScalesPlateView from './ScalesPlateView.svelte';
import ScalesReadings from './ScalesReadings.svelte';

export const scalesBench: Bench<ScalesPlate> = {
	bar: ScaleBar,
	view: ScalesPlateView,
	readings: ScalesReadings,
	mixer: { tools: ReferenceWheel, follows: StepActions },
	taken: (workbench, plate) => {
		const scale = scaleOn(workbench, plate);
		const { linked } = workbench.document;
		if (!scale) return [];
		return [
			{
				what: 'This scale',
				name: nameOfScale(scale, linked),
				colours: () => coloursOfScale(scale, linked),
				run: () => gradationOf(specOf(scale, linked))
			}
		];
	},
	withPalette: (workbench, plate, palette) => [
		{
			label: 'Add a path through its colours',
			disabled: palette.colours.length < 2,
			run: () => pathThrough(workbench, plate, palette)
		}
	]
};
