import { coloursOfPlate } from '$lib/plates/draw-plate';
import { type Bench } from '$lib/workbench/bench';
import { type GroundsPlate } from '../schema';
import GroundsBar from './bar/GroundsBar.svelte';
import GroundsPlateView from './GroundsPlateView.svelte';
import GroundsReadings from './GroundsReadings.svelte';
import { withPalette } from './with-palette';

export const groundsBench: Bench<GroundsPlate> = {
	bar: GroundsBar,
	view: GroundsPlateView,
	readings: GroundsReadings,
	taken: ({ document }, plate) => {
		const colours = coloursOfPlate(plate, document.linked);
		return colours.length > 0 ? [{ what: 'This exercise', name: plate.title, colours: () => colours }] : [];
	},
	withPalette
};
