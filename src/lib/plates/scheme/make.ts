import { RELATIVE_SIZES } from '$lib/core/scheme/relatives';
import { type ColourSource } from '$lib/model/colour-text';
import { newId } from '$lib/model/ids';
import { asLine } from '$lib/model/line';
import { type Surroundings } from '$lib/model/surroundings';
import { type SchemePlate } from './schema';
import { titleOfScheme } from './title';

/** A scheme from a colour: its triad on the painter’s wheel, with the relatives and the designs shown. */
export function schemeFrom(study: Surroundings, lead: ColourSource): SchemePlate {
	const other = { angle: 0, strength: 1, value: 0, fixed: null };
	return {
		id: newId(),
		kind: 'scheme',
		title: asLine(titleOfScheme({ lead }, study.linked)),
		titledBy: 'machine',
		wheel: 'painter',
		scheme: 'triad',
		holdValue: false,
		lead,
		others: [other, other],
		relatives: { shown: true, steps: 4, size: RELATIVE_SIZES.usual, cross: 0, chosen: [] },
		inUse: true,
		roles: [0, 1, 2, 3, 4],
		keptTo: null
	};
}

/** A scheme to go on with, from the study’s first colour. */
export const newScheme = (study: Surroundings): SchemePlate => schemeFrom(study, study.colours[0]);
