import { newId } from '$lib/model/ids';
import { asLine } from '$lib/model/line';
import { capital, nameOf, partnerOf, type Surroundings } from '$lib/model/surroundings';
import { type MixesPlate } from './schema';

/** A plate of mixes to go on with: the study’s first two colours in equal parts, mixed six ways. */
export function newMixes(study: Surroundings): MixesPlate {
	const first = study.colours[0];
	const second = partnerOf(first, study);
	return {
		id: newId(),
		kind: 'mixes',
		title: asLine(`${capital(nameOf(first, study))} and ${nameOf(second, study)}, mixed`),
		exercise: 'ways',
		parents: [
			{ colour: first, parts: 1 },
			{ colour: second, parts: 1 }
		],
		way: 'paint',
		lean: 0,
		guess: null,
		revealed: true,
		levels: 3,
		method: 'oklab',
		strength: 0.35,
		strokes: 6,
		figure: 'squares',
		front: 0,
		crossings: [null, null, null, null, null],
		pattern: 'stripes',
		grain: 8
	};
}
