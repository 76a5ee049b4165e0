import { coloursOfPlate } from '$lib/plates/draw-plate';
import { type Bench } from '$lib/workbench/bench';
import { type MatchingPlate } from '../schema';
import MatchingBar from './bar/MatchingBar.svelte';
import MatchingPlateView from './MatchingPlateView.svelte';
import MatchingReadings from './MatchingReadings.svelte';
import RegionActions from './RegionActions.svelte';
import TrueAndYours from './TrueAndYours.svelte';

export const matchingBench: Bench<MatchingPlate> = {
	bar: MatchingBar,
	view: MatchingPlateView,
	readings: MatchingReadings,
	mixer: { tools: RegionActions, look: TrueAndYours },
	taken: ({ document }, plate) => {
		const colours = coloursOfPlate(plate, document.linked);
		return colours.length > 0 ? [{ what: 'This attempt', name: plate.title, colours: () => colours }] : [];
	}
};
