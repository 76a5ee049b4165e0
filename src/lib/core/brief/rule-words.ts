import { RECIPE_WORDS } from '../scale/words';
import { HIGH_KEY, LOW_KEY, type ScaleRule } from './rules';

const PARENTS = ['First parent', 'Second parent', 'Third parent', 'Fourth parent'];

/** What a rule asks for, in a few words, as the heading of its verdict. */
export function ruleWords(rule: ScaleRule): string {
	switch (rule.rule) {
		case 'recipe':
			return `Recipe: ${RECIPE_WORDS[rule.is].name.toLowerCase()}`;
		case 'count':
			return rule.least === rule.most ? `${rule.least} between` : `${rule.least} to ${rule.most} between`;
		case 'temperature':
			return rule.of === 'all' ? `All parents ${rule.is}` : `${PARENTS[rule.of] ?? 'A parent'} ${rule.is}`;
		case 'separation':
			return `Parents ${rule.least}° to ${rule.most}° apart`;
		case 'key':
			return rule.is === 'high'
				? `High key: value ${rule.limit ?? HIGH_KEY} or more`
				: `Low key: value ${rule.limit ?? LOW_KEY} or less`;
		case 'not-pure':
			return 'No parent left pure';
		case 'value-one-way':
			return 'Value runs one way';
		case 'value-equal':
			return `One value, within ${rule.within}`;
		case 'evenness':
			return `Evenness ${rule.least} or more`;
		case 'uses-palette':
			return 'Parents from the palette';
	}
}

/** The rules that an educator asks for most, ready to be put on a plate (limits: common practice, no source). */
export const COMMON_RULES: readonly { readonly name: string; readonly rule: ScaleRule }[] = [
	{ name: 'All parents warm', rule: { rule: 'temperature', of: 'all', is: 'warm' } },
	{ name: 'All parents cool', rule: { rule: 'temperature', of: 'all', is: 'cool' } },
	{ name: 'First parent warm', rule: { rule: 'temperature', of: 0, is: 'warm' } },
	{ name: 'Second parent cool', rule: { rule: 'temperature', of: 1, is: 'cool' } },
	{ name: 'Parents adjacent on the wheel', rule: { rule: 'separation', wheel: 'light', least: 1, most: 60 } },
	{ name: 'Parents opposite on the wheel', rule: { rule: 'separation', wheel: 'painter', least: 150, most: 180 } },
	{ name: 'High key', rule: { rule: 'key', is: 'high' } },
	{ name: 'Low key', rule: { rule: 'key', is: 'low' } },
	{ name: 'Number of steps between', rule: { rule: 'count', least: 5, most: 9 } },
	{ name: 'No parent left pure', rule: { rule: 'not-pure' } },
	{ name: 'Value runs one way', rule: { rule: 'value-one-way' } },
	{ name: 'One value throughout', rule: { rule: 'value-equal', within: 2 } },
	{ name: 'Even steps', rule: { rule: 'evenness', least: 0.8 } }
];
