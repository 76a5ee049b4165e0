import { WHEEL_WORDS } from '../scale/words';
import { type Wheel } from '../scheme/wheel';
import { limit, type RuleBook } from './rule-book';

/** What a brief can ask of a wheel beside its colours. */
export type WheelRule =
	| { readonly rule: 'on-wheel'; readonly is: Wheel }
	/** So many rings inside and outside the hues together. */
	| { readonly rule: 'rings'; readonly least: number };

/** A wheel as it was made. */
export interface MadeWheel {
	readonly wheel: Wheel;
	readonly rings: number;
}

const MOST_RINGS = 18;

/** Rules of wheels. */
export const wheelRules: RuleBook<WheelRule, MadeWheel> = {
	common: [
		{
			about: 'The wheel',
			rules: [
				{
					name: 'On the painter’s wheel',
					says: 'Red, yellow and blue are the thirds.',
					rule: { rule: 'on-wheel', is: 'painter' }
				},
				{
					name: 'Rings',
					says: 'At least two rings of tints, shades, tones or dulled hues.',
					rule: { rule: 'rings', least: 2 }
				}
			]
		}
	],
	words: (rule) =>
		rule.rule === 'on-wheel'
			? `On the ${WHEEL_WORDS[rule.is]}`
			: `${rule.least} ${rule.least === 1 ? 'ring' : 'rings'} or more`,
	limits: (rule) =>
		rule.rule === 'rings'
			? [limit('Rings, at least', rule.least, [MOST_RINGS, 1], (least): WheelRule => ({ ...rule, least }), 1)]
			: [],
	judge: ({ wheel, rings }, rule) =>
		rule.rule === 'on-wheel'
			? {
					holds: wheel === rule.is,
					key: 'rule.wheel',
					reason: `It is the ${WHEEL_WORDS[wheel]}; the ${WHEEL_WORDS[rule.is]} is asked.`,
					step: null
				}
			: {
					holds: rings >= rule.least,
					key: 'rule.rings',
					reason: `There ${rings === 1 ? 'is 1 ring' : `are ${rings} rings`} beside the hues; ${rule.least} or more is asked.`,
					step: null
				}
};
