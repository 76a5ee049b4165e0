import { type LinkedColour } from '$lib/model/linked';
import {
	CHECKS_APART,
	decided,
	decidedColour,
	decision,
	decisionsBy,
	free,
	PLATE_DECISIONS,
	type Decision,
	type DecisionFields
} from '../decision';
import { isDulled, type WheelPlate } from './schema';

const isOfTrueMixes = ({ making }: WheelPlate): boolean => making === 'mixed';

const FIELDS: DecisionFields<WheelPlate> = {
	wheel: decided('wheel', 'the wheel'),
	hues: decided('hues', 'the number of hues'),
	from: decided('from', 'what the hues begin from'),
	lead: decidedColour('lead', 'the lead colour', ({ from }) => from !== 'given'),
	value: decided('value', 'the value of the hues', ({ from }) => from === 'given'),
	chroma: decided('chroma', 'the chroma of the hues', ({ from }) => from === 'given'),
	inside: (inside, { outside }) => [decision('rings', 'the number of rings and what they are', [inside, outside])],
	outside: free('held with the rings inside'),
	making: decided('making', 'how rings are made'),
	method: decided('method', 'how true mixes are mixed', isOfTrueMixes),
	dulling: decided(
		'dulling',
		'what rings are dulled with',
		(plate) => isDulled(plate) && plate.making !== 'multiplied'
	),
	discStrength: decided('discs', 'the strength of the discs', ({ making }) => making !== 'mixed'),
	label: free('what stands at the colours changes none of them'),
	checks: CHECKS_APART,
	...PLATE_DECISIONS
};

/** What is decided of a wheel. */
export const wheelDecisions = (plate: WheelPlate, linked: readonly LinkedColour[]): Decision[] =>
	decisionsBy(FIELDS, plate, linked);
