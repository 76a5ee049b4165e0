import { MOST_BETWEEN } from '../scale/scale';
import { HIGH_KEY, LOW_KEY, type ScaleRule } from './rules';

/** One number that a rule is drawn at and that an educator can set. */
export interface Limit {
	/** "Angle, at least" */
	readonly name: string;
	readonly value: number;
	readonly least: number;
	readonly most: number;
	readonly step: number;
	/** The same rule with this limit set to a number within its range. */
	readonly set: (value: number) => ScaleRule;
}

const limit = (name: string, value: number, most: number, step: number, set: Limit['set'], least = 0): Limit => ({
	name,
	value,
	least,
	most,
	step,
	set
});

/** Two limits, a least and a most, that never pass each other. */
const span = (
	name: string,
	{ least, most }: { least: number; most: number },
	top: number,
	set: (span: { least: number; most: number }) => ScaleRule
): Limit[] => [
	limit(`${name}, at least`, least, most, 1, (value) => set({ least: value, most })),
	limit(`${name}, at most`, most, top, 1, (value) => set({ least, most: value }), least)
];

const HALF_TURN = 180;
const MOST_VALUE = 100;

/** The numbers of a rule that can be set; none for rules that only hold or not. */
export function limitsOf(rule: ScaleRule): Limit[] {
	switch (rule.rule) {
		case 'count':
			return span('Between', rule, MOST_BETWEEN, (limits) => ({ ...rule, ...limits }));
		case 'separation':
			return span('Angle', rule, HALF_TURN, (limits) => ({ ...rule, ...limits }));
		case 'key': {
			const [name, usual] = rule.is === 'high' ? ['Value, at least', HIGH_KEY] : ['Value, at most', LOW_KEY];
			return [limit(String(name), rule.limit ?? Number(usual), MOST_VALUE, 1, (value) => ({ ...rule, limit: value }))];
		}
		case 'value-equal':
			return [limit('Value, within', rule.within, MOST_VALUE, 0.5, (within) => ({ ...rule, within }))];
		case 'evenness':
			return [limit('Evenness, at least', rule.least, 1, 0.05, (least) => ({ ...rule, least }))];
		case 'uses-palette':
			return [limit('Difference, at most', rule.within, MOST_VALUE, 0.5, (within) => ({ ...rule, within }))];
		case 'recipe':
		case 'temperature':
		case 'not-pure':
		case 'value-one-way':
			return [];
	}
}
