import { type LinkedColour } from '$lib/model/linked';
import { colourDecision, decision, type Decision } from '../decision';
import { type SchemePlate } from './schema';

/** What is decided of a scheme. */
export const schemeDecisions = (
	{ wheel, scheme, lead, others }: SchemePlate,
	linked: readonly LinkedColour[]
): Decision[] => [
	decision('wheel', 'the wheel', wheel),
	decision('scheme', 'the scheme', scheme),
	colourDecision('lead', 'the lead colour', lead, linked),
	decision('members', 'the number of members', others.length + 1)
];
