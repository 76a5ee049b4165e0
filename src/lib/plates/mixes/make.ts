import { newId } from '$lib/model/ids';
import { asLine } from '$lib/model/line';
import { partnerOf, type Surroundings } from '$lib/model/surroundings';
import { type MixesCommon } from './common';
import { ways } from './exercises/ways/ways';
import { type MixesPlate } from './schema';
import { titleOfMixes } from './title';

/** A plate of mixes to go on with: the study’s first two colours in equal parts, mixed six ways. */
export function newMixes(study: Surroundings): MixesPlate {
	const first = study.colours[0];
	const second = partnerOf(first, study);
	const common: MixesCommon = {
		id: newId(),
		kind: 'mixes',
		title: '',
		titledBy: 'machine',
		parents: [
			{ colour: first, parts: 1 },
			{ colour: second, parts: 1 }
		]
	};
	const plate: MixesPlate = { ...common, exercise: ways.begin(common), aside: {} };
	return { ...plate, title: asLine(titleOfMixes(plate, study.linked)) };
}
