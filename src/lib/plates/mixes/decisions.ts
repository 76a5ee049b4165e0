import { type LinkedColour } from '$lib/model/linked';
import {
	CHECKS_APART,
	colourDecision,
	decision,
	decisionsBy,
	PLATE_DECISIONS,
	type Decision,
	type DecisionFields
} from '../decision';
import { LEFT_ASIDE } from '../exercises';
import { mixExercises } from './exercises';
import { type MixesPlate } from './schema';

const FIELDS: DecisionFields<MixesPlate> = {
	exercise: (_, plate, linked) => mixExercises.decisions(plate, linked),
	parents: (parents, plate, linked) => [
		decision('count', 'the number of parents', parents.length),
		...parents.map(({ colour }, i) => colourDecision(`parent.${i}`, `parent ${i + 1}`, colour, linked)),
		decision(
			'parts',
			'how many parts there are of each',
			parents.map(({ parts }) => parts),
			!mixExercises.of(plate).parts
		)
	],
	aside: LEFT_ASIDE,
	checks: CHECKS_APART,
	...PLATE_DECISIONS
};

/** What is decided of mixes. */
export const mixDecisions = (plate: MixesPlate, linked: readonly LinkedColour[]): Decision[] =>
	decisionsBy(FIELDS, plate, linked);
