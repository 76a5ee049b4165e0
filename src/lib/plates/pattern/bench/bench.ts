import { newId } from '$lib/model/ids';
import { type Bench } from '$lib/workbench/bench';
import { pattern } from '../kind';
import { addPatternCheck } from '../pattern-edits';
import { MOST_CHECKS, type PatternPlate } from '../schema';
import PatternBar from './bar/PatternBar.svelte';
import { takeColours } from './colours';
import PatternReadings from './PatternReadings.svelte';
import PatternView from './PatternView.svelte';

/** How near a colour has to lie to one of a palette, to begin with (ΔE00). */
const WITHIN = 2;

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
		},
		{
			label: 'Ask for its colours only',
			disabled: colours.length === 0 || plate.checks.length >= MOST_CHECKS,
			run: () => {
				const rule = { rule: 'palette-only', palette: colours.map(({ text }) => text), within: WITHIN } as const;
				workbench.edit('Add a check', addPatternCheck(plate.id, { id: newId(), rule }));
				workbench.beside = 'Readings';
			}
		}
	]
};
