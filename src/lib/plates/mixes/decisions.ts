import { type LinkedColour } from '$lib/model/linked';
import { colourDecision, decision, type Decision } from '../decision';
import { type MixesPlate } from './schema';

/** What is decided of mixes, whatever the exercise. */
export const mixDecisions = ({ exercise, parents }: MixesPlate, linked: readonly LinkedColour[]): Decision[] => [
	decision('exercise', 'the exercise', exercise.name),
	decision('count', 'the number of parents', parents.length),
	...parents.map(({ colour }, i) => colourDecision(`parent.${i}`, `parent ${i + 1}`, colour, linked))
];
