import { type Bench } from '$lib/workbench/bench';
import { pattern } from '../kind';
import { type PatternPlate } from '../schema';
import PatternBar from './bar/PatternBar.svelte';
import { takeColours } from './colours';
import PatternReadings from './PatternReadings.svelte';
import PatternView from './PatternView.svelte';

export const patternBench: Bench<PatternPlate> = {
	bar: PatternBar,
	view: PatternView,
	readings: PatternReadings,
	taken: ({ document }, plate) => [
		{ what: 'These colours', name: plate.title, colours: () => pattern.colours(plate, document.linked) }
	],
	withPalette: (workbench, plate, { colours }) => [
		{
			label: 'Fill with its colours',
			run: () =>
				takeColours(
					workbench,
					plate,
					colours.map(({ text, name }) => ({ text, name }))
				)
		}
	]
};
