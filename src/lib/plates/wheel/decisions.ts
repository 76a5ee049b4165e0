import { type LinkedColour } from '$lib/model/linked';
import { colourDecision, decision, type Decision } from '../decision';
import { type WheelPlate } from './schema';

/** What is decided of a wheel. */
export const wheelDecisions = (
	{ wheel, hues, lead, inside, outside, making }: WheelPlate,
	linked: readonly LinkedColour[]
): Decision[] => [
	decision('wheel', 'the wheel', wheel),
	decision('hues', 'the number of hues', hues),
	colourDecision('lead', 'the lead colour', lead, linked),
	decision('rings', 'the rings', [inside, outside]),
	decision('making', 'how rings are made', making)
];
