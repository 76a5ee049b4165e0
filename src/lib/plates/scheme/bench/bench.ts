import { MOST_COLOURS } from '$lib/model/palette';
import { type Bench } from '$lib/workbench/bench';
import { type SchemePlate } from '../schema';
import { coloursOfScheme } from '../scheme-colours';
import { decideScheme } from '../scheme-edits';
import SchemeBar from './bar/SchemeBar.svelte';
import FixAction from './FixAction.svelte';
import LeadAction from './LeadAction.svelte';
import { coloursOfRelatives } from './scheme-actions';
import SchemePlateView from './SchemePlateView.svelte';
import SchemeReadings from './SchemeReadings.svelte';
import { turningOf } from './scheme-state.svelte';
import TogetherChoice from './TogetherChoice.svelte';
import { turnAll } from './turn-all';

export const schemeBench: Bench<SchemePlate> = {
	bar: SchemeBar,
	view: SchemePlateView,
	readings: SchemeReadings,
	mixer: {
		tools: TogetherChoice,
		title: LeadAction,
		link: FixAction,
		turn: (workbench, plate, turn) => {
			const { together } = turningOf(workbench);
			if (together) turnAll(workbench, plate, turn);
			return together;
		}
	},
	taken: ({ document }, plate) => [
		{ what: 'This scheme', name: plate.title, colours: () => coloursOfScheme(plate, document.linked) }
	],
	kept: (workbench, plate) => {
		const { linked } = workbench.document;
		const whole = { what: 'This scheme', name: plate.title, colours: () => coloursOfScheme(plate, linked) };
		if (plate.relatives.chosen.length === 0) return [whole];
		const colours = () => coloursOfRelatives(workbench, plate).slice(0, MOST_COLOURS);
		return [whole, { what: 'Chosen relatives', name: `Relatives, ${plate.title}`, colours }];
	},
	withPalette: (workbench, plate, { name, colours }) => [
		{
			label: 'Keep the scheme to it',
			disabled: colours.length === 0,
			run: () => workbench.edit('Keep to a palette', decideScheme(plate.id, { keptTo: { name, colours } }))
		}
	]
};
