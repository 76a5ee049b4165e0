import { MOST_BETWEEN } from '../scale/scale';
import { limit, span, type Limit } from './rule-book';
import { HIGH_KEY, LOW_KEY, type ScaleRule } from './rules';

const HALF_TURN = 180;
const MOST_VALUE = 100;

/** The numbers of a rule that can be set; none for rules that only hold or not. */
export function limitsOf(rule: ScaleRule): Limit<ScaleRule>[] {
	switch (rule.rule) {
		case 'count':
			return span('Between', rule, MOST_BETWEEN, (limits) => ({ ...rule, ...limits }));
		case 'separation':
			return span('Angle', rule, HALF_TURN, (limits) => ({ ...rule, ...limits }));
		case 'key': {
			const [name, usual] = rule.is === 'high' ? ['Value, at least', HIGH_KEY] : ['Value, at most', LOW_KEY];
			return [
				limit(String(name), rule.limit ?? Number(usual), [MOST_VALUE, 1], (value) => ({ ...rule, limit: value }))
			];
		}
		case 'value-equal':
			return [limit('Value, within', rule.within, [MOST_VALUE, 0.5], (within) => ({ ...rule, within }))];
		case 'evenness':
			return [limit('Evenness, at least', rule.least, [1, 0.05], (least) => ({ ...rule, least }))];
		case 'uses-palette':
			return [limit('Difference, at most', rule.within, [MOST_VALUE, 0.5], (within) => ({ ...rule, within }))];
		case 'recipe':
		case 'temperature':
		case 'not-pure':
		case 'value-one-way':
			return [];
	}
}
