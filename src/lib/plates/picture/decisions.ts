import { type LinkedColour } from '$lib/model/linked';
import {
	CHECKS_APART,
	decided,
	decision,
	decisionsBy,
	free,
	PLATE_DECISIONS,
	type Decision,
	type DecisionFields
} from '../decision';
import { type PicturePlate } from './schema';

const FOUND = free('found in the picture, from what is decided');

const FIELDS: DecisionFields<PicturePlate> = {
	picture: ({ id }) => [decision('picture', 'the picture', id)],
	known: FOUND,
	count: decided('count', 'the number of colours that are looked for'),
	emphasis: decided('emphasis', 'the emphasis'),
	seed: free('another go at looking for the same'),
	size: decided('size', 'the size of a place'),
	places: (places) => [
		decision('places', 'the number of places', places.length),
		decision(
			'lie',
			'where the places lie',
			places.map(({ x, y }) => [x, y])
		)
	],
	order: decided('order', 'the order of the colours'),
	measured: FOUND,
	along: decided('along', 'where the gradation comes from'),
	gaps: decided('gaps', 'the number of steps of the gradation', ({ along }) => along === 'places'),
	method: decided('method', 'how the gradation is mixed', ({ along }) => along === 'places'),
	line: ({ from, to, texts }, { along }) => [
		decision('line', 'where the line lies', [from, to, texts.length], along !== 'line')
	],
	values: decided('values', 'the number of values'),
	large: free('what is largest on the plate changes no colour'),
	checks: CHECKS_APART,
	...PLATE_DECISIONS
};

/** What is decided of a picture and of what is taken from it. */
export const pictureDecisions = (plate: PicturePlate, linked: readonly LinkedColour[]): Decision[] =>
	decisionsBy(FIELDS, plate, linked);
