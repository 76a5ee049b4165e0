import { ordinal } from '$lib/core/ordinals';
import { type LinkedColour } from '$lib/model/linked';
import {
	CHECKS_APART,
	decided,
	decidedColours,
	decisionsBy,
	PLATE_DECISIONS,
	type Decision,
	type DecisionFields
} from '../decision';
import { LEFT_ASIDE } from '../exercises';
import { type CommonField } from './exercise';
import { groundExercises } from './exercises';
import { type GroundsPlate } from './schema';

const has = (field: CommonField) => (plate: GroundsPlate) => groundExercises.of(plate).fields.includes(field);

const FIELDS: DecisionFields<GroundsPlate> = {
	exercise: (_, plate, linked) => groundExercises.decisions(plate, linked),
	grounds: decidedColours('ground', (i) => `the ${ordinal(i)} ground`, has('grounds')),
	figures: decidedColours(
		'figure',
		(i) => `the ${ordinal(i)} figure`,
		(plate, i) => has('figures')(plate) && (i === 0 || (groundExercises.of(plate).twoFigures ?? false))
	),
	form: decided('form', 'the form of the figure', has('figures')),
	size: decided('size', 'the size of the figure', has('figures')),
	groundForm: decided('groundForm', 'the form of the grounds', has('grounds')),
	groundSize: decided('groundSize', 'the size of the grounds', has('grounds')),
	strengths: decided('strengths', 'the strength of the model', has('strength')),
	palette: decided('palette', 'the palette in which grounds are looked for', ({ palette }) => palette !== null),
	aside: LEFT_ASIDE,
	checks: CHECKS_APART,
	...PLATE_DECISIONS
};

/** What is decided of figures on grounds. */
export const groundDecisions = (plate: GroundsPlate, linked: readonly LinkedColour[]): Decision[] =>
	decisionsBy(FIELDS, plate, linked);
