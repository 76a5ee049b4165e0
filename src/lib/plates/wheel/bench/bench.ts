import { type Bench } from '$lib/workbench/bench';
import { coloursOfSpoke } from '../cell-names';
import { chartOf } from '../chart-of';
import { type WheelPlate } from '../schema';
import WheelBar from './bar/WheelBar.svelte';
import CellActions from './CellActions.svelte';
import { chosenCell } from './chosen-cell';
import WheelPlateView from './WheelPlateView.svelte';
import WheelReadings from './WheelReadings.svelte';
import { wheel } from '../kind';

export const wheelBench: Bench<WheelPlate> = {
	bar: WheelBar,
	view: WheelPlateView,
	readings: WheelReadings,
	mixer: { follows: CellActions },
	taken: ({ document }, plate) => [
		{ what: 'This wheel', name: plate.title, colours: () => wheel.colours(plate, document.linked) }
	],
	kept: (workbench, plate) => {
		const spoke = chosenCell(workbench, plate)?.spoke ?? 0;
		const { steps } = chartOf(plate, workbench.document.linked)[spoke]!;
		return [
			{
				what: 'This spoke',
				name: `Hue ${spoke + 1}, ${plate.title}`,
				colours: () => coloursOfSpoke(plate, spoke, steps)
			}
		];
	}
};
