import { type LinkedColour } from '$lib/model/linked';
import {
	CHECKS_APART,
	colourDecision,
	decided,
	decidedColours,
	decision,
	decisionsBy,
	free,
	PLATE_DECISIONS,
	type Decision,
	type DecisionFields
} from '../decision';
import { type Climate, type PatternPlate } from './schema';
import { hasBoxes } from './words';

const FIELDS: DecisionFields<PatternPlate> = {
	grid: (grid, { drawing }) => [decision('field', 'the grid or drawing', drawing ?? grid)],
	drawing: free('held with the grid, in whose place it is'),
	cells: decided('cells', 'where each colour lies'),
	colours: (colours, _, linked) => [
		decision('count', 'the number of colours', colours.length),
		...colours.map(({ id, source }, i) => colourDecision(`colour.${id}`, `colour ${i + 1}`, source, linked)),
		decision(
			'accents',
			'which colours stand apart as accents',
			colours.flatMap(({ id, accent }) => (accent ? [id] : []))
		)
	],
	symmetry: decided('symmetry', 'the symmetry'),
	boxes: decided('boxes', 'the light on the boxes', hasBoxes),
	seed: decided('seed', 'what is laid at random'),
	line: free('whether the grid is seen changes no colour'),
	taken: free('how it is taken away changes no colour'),
	checks: CHECKS_APART,
	shows: free('whether climates are seen changes none of them'),
	climates: (climates, { shows }, linked) => [
		decision('climates', 'the number of climates', climates.length, shows !== 'climates' && climates.length === 0),
		...climates.flatMap((climate, i) =>
			decidedColours<Climate>(`climate.${climate.id}`, (k) => `colour ${k + 1} of climate ${i + 1}`)(
				climate.colours,
				climate,
				linked
			)
		)
	],
	exchanged: free('whether the shares are seen exchanged changes no colour'),
	...PLATE_DECISIONS
};

/** What is decided of a design: what it is laid on, where its colours lie, and which they are. */
export const patternDecisions = (plate: PatternPlate, linked: readonly LinkedColour[]): Decision[] =>
	decisionsBy(FIELDS, plate, linked);
