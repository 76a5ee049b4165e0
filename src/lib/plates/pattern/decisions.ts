import { type LinkedColour } from '$lib/model/linked';
import { colourDecision, decision, type Decision } from '../decision';
import { type PatternPlate } from './schema';

/** What is decided of a design: what it is laid on, where its colours lie, and which they are. */
export const patternDecisions = (
	{ grid, drawing, cells, colours }: PatternPlate,
	linked: readonly LinkedColour[]
): Decision[] => [
	decision('field', 'the grid or drawing', drawing ?? grid),
	decision('cells', 'where each colour lies', cells),
	decision('count', 'the number of colours', colours.length),
	...colours.map(({ id, source }, i) => colourDecision(`colour.${id}`, `colour ${i + 1}`, source, linked))
];
