import { type LinkedColour } from '$lib/model/linked';
import {
	decided,
	decidedColours,
	decision,
	decisionsBy,
	PLATE_DECISIONS,
	type Decision,
	type DecisionFields
} from '../decision';
import { LEFT_ASIDE } from '../exercises';
import { matchingExercises } from './exercises';
import { type MatchingPlate } from './schema';

const isMixed = ({ exercise }: MatchingPlate): boolean => 'way' in exercise && exercise.way === 'paint';

const FIELDS: DecisionFields<MatchingPlate> = {
	exercise: (_, plate, linked) => matchingExercises.decisions(plate, linked),
	paints: (paints, plate, linked) => [
		decision('paints', 'the number of paints', paints.length, !isMixed(plate)),
		...decidedColours<MatchingPlate>('paint', (i) => `paint ${i + 1}`, isMixed)(paints, plate, linked)
	],
	place: decided('place', 'the place in the picture', ({ place }) => place !== null),
	aside: LEFT_ASIDE,
	...PLATE_DECISIONS
};

/** What is decided of a subject: which one it is, by what it was drawn, by which colours it was put together, and how it is matched. */
export const matchingDecisions = (plate: MatchingPlate, linked: readonly LinkedColour[]): Decision[] =>
	decisionsBy(FIELDS, plate, linked);
