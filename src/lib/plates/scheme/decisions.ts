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
import { spreadOf } from './scheme-of';
import { type SchemeMember, type SchemePlate } from './schema';

/** What is decided of a member apart from the lead, by its number from 2; its angle counts in a free scheme. */
const memberFields = (number: number, isFree: boolean): DecisionFields<SchemeMember> => ({
	angle: decided(`member.${number}.angle`, `the angle of member ${number}`, () => isFree),
	strength: decided(`member.${number}.strength`, `the strength of member ${number}`),
	value: decided(`member.${number}.value`, `the value of member ${number}`),
	fixed: decidedColour(`member.${number}.fixed`, `the colour at which member ${number} is fixed`)
});

const relativeFields: DecisionFields<SchemePlate['relatives']> = {
	shown: free('whether relatives are seen changes none of them'),
	steps: decided('relatives.steps', 'the number of relatives each way', ({ shown }) => shown),
	size: decided('relatives.size', 'how far relatives are apart', ({ shown }) => shown),
	cross: free('whose cross is drawn full changes none of them'),
	chosen: decided('relatives.chosen', 'which relatives are chosen', ({ chosen }) => chosen.length > 0)
};

const FIELDS: DecisionFields<SchemePlate> = {
	wheel: decided('wheel', 'the wheel'),
	scheme: decided('scheme', 'the scheme'),
	spread: decided('spread', 'the spread', (plate) => spreadOf(plate) !== undefined),
	holdValue: decided('holdValue', 'whether the value is held'),
	lead: decidedColour('lead', 'the lead colour'),
	leadFixed: decided('leadFixed', 'whether the lead is fixed'),
	others: (others, { scheme }, linked) => [
		decision('members', 'the number of members', others.length + 1),
		...others.flatMap((member, i) => decisionsBy(memberFields(i + 2, scheme === 'free'), member, linked))
	],
	relatives: (relatives, _, linked) => decisionsBy(relativeFields, relatives, linked),
	inUse: free('whether the designs are seen changes no colour'),
	roles: decided('roles', 'which member has which role in the designs', ({ inUse }) => inUse),
	keptTo: decided('keptTo', 'the palette it is kept to', ({ keptTo }) => keptTo !== null),
	checks: CHECKS_APART,
	...PLATE_DECISIONS
};

/** What is decided of a scheme. */
export const schemeDecisions = (plate: SchemePlate, linked: readonly LinkedColour[]): Decision[] =>
	decisionsBy(FIELDS, plate, linked);
