import { type LinkedColour } from '$lib/model/linked';
import { colourDecision, decision, type Decision } from '../decision';
import { groundExercises } from './exercises';
import { type GroundsPlate } from './schema';

const ORDINALS = ['first', 'second'] as const;

/** What is decided of figures on grounds, as far as the exercise is decided by it. */
export function groundDecisions(plate: GroundsPlate, linked: readonly LinkedColour[]): Decision[] {
	const { exercise, grounds, figures } = plate;
	const { fields, twoFigures } = groundExercises.of(plate);
	const named = (what: 'ground' | 'figure', sources: typeof grounds): Decision[] =>
		sources.map((source, i) => colourDecision(`${what}.${i}`, `the ${ORDINALS[i]!} ${what}`, source, linked));
	return [
		decision('exercise', 'the exercise', exercise.name),
		...(fields.includes('grounds') ? named('ground', grounds) : []),
		...(fields.includes('figures') ? named('figure', figures).slice(0, twoFigures ? 2 : 1) : [])
	];
}
