import { newId } from '$lib/model/ids';
import { asLine } from '$lib/model/line';
import { capital, nameOf, partnerOf, type Surroundings } from '$lib/model/surroundings';
import { type MixesCommon } from './common';
import { ways } from './exercises/ways/ways';
import { type MixesPlate } from './schema';

/** A plate of mixes to go on with: the study’s first two colours in equal parts, mixed six ways. */
export function newMixes(study: Surroundings): MixesPlate {
	const first = study.colours[0];
	const second = partnerOf(first, study);
	const common: MixesCommon = {
		id: newId(),
		kind: 'mixes',
		title: asLine(`${capital(nameOf(first, study))} and ${nameOf(second, study)}, mixed`),
		parents: [
			{ colour: first, parts: 1 },
			{ colour: second, parts: 1 }
		]
	};
	return { ...common, exercise: ways.begin(common), aside: {} };
}
