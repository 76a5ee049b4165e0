import { type Bench } from '$lib/workbench/bench';
import { mixExercises } from '../exercises';
import { type MixesPlate } from '../schema';
import MixesBar from './bar/MixesBar.svelte';
import MixActions from './MixActions.svelte';
import MixesPlateView from './MixesPlateView.svelte';
import MixesReadings from './MixesReadings.svelte';

export const mixesBench: Bench<MixesPlate> = {
	bar: MixesBar,
	view: MixesPlateView,
	readings: MixesReadings,
	mixer: { follows: MixActions },
	taken: ({ document }, plate) => [
		{ what: 'These mixes', name: plate.title, colours: () => mixExercises.colours(plate, document.linked) }
	]
};
