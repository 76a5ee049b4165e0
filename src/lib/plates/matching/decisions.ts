import { type LinkedColour } from '$lib/model/linked';
import { colourDecision, decision, type Decision } from '../decision';
import { stagedOf, subjectOf } from './matching-edits';
import { type MatchingPlate } from './schema';

/** What is decided of a subject: which one it is, by what it was drawn, and by which colours it was put together. */
export const matchingDecisions = (plate: MatchingPlate, linked: readonly LinkedColour[]): Decision[] => {
	const settings = stagedOf(plate);
	return [
		decision('exercise', 'the exercise', settings.name),
		decision('subject', 'the subject that was drawn', settings.seed),
		...(plate.place ? [decision('place', 'the place in the picture', plate.place)] : []),
		...subjectOf(plate).colours.map(({ key, name, of }) =>
			colourDecision(`subject.${key}`, `its ${name.toLowerCase()}`, of(settings), linked)
		)
	];
};
