import { RECIPE_WORDS } from '../scale/words';
import { type RulesAbout } from './rule-book';
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

/** The rules that an educator asks for most, by what they are about (limits: common practice, no source). */
export const COMMON_RULES: readonly RulesAbout<ScaleRule>[] = [
	{
		about: 'Steps',
		rules: [
			{
				name: 'Even steps',
				says: 'The smallest difference between neighbours is at least 0.8 of the largest.',
				rule: { rule: 'evenness', least: 0.8 }
			},
			{
				name: 'Number of steps between',
				says: 'Five to nine colours between the parents; the parents are not counted.',
				rule: { rule: 'count', least: 5, most: 9 }
			}
		]
	},
	{
		about: 'Value',
		rules: [
			{
				name: 'Value runs one way',
				says: 'Each step is lighter than the one before, or each is darker.',
				rule: { rule: 'value-one-way' }
			},
			{
				name: 'One value throughout',
				says: 'All steps are within 2 L* of each other: only hue and chroma change.',
				rule: { rule: 'value-equal', within: 2 }
			},
			{ name: 'High key', says: 'Every step is light: L* 65 or more.', rule: { rule: 'key', is: 'high' } },
			{ name: 'Low key', says: 'Every step is dark: L* 40 or less.', rule: { rule: 'key', is: 'low' } }
		]
	},
	{
		about: 'Warm and cool',
		rules: [
			{
				name: 'All parents warm',
				says: 'Each parent lies in the half of the wheel around red.',
				rule: { rule: 'temperature', of: 'all', is: 'warm' }
			},
			{
				name: 'All parents cool',
				says: 'Each parent lies in the half of the wheel around cyan.',
				rule: { rule: 'temperature', of: 'all', is: 'cool' }
			},
			{
				name: 'First parent warm',
				says: 'The scale sets out from a warm colour.',
				rule: { rule: 'temperature', of: 0, is: 'warm' }
			},
			{
				name: 'Second parent cool',
				says: 'The scale goes to a cool colour.',
				rule: { rule: 'temperature', of: 1, is: 'cool' }
			}
		]
	},
	{
		about: 'Parents',
		rules: [
			{
				name: 'Parents adjacent on the wheel',
				says: 'The first two lie within 60° of each other on the light wheel.',
				rule: { rule: 'separation', wheel: 'light', least: 1, most: 60 }
			},
			{
				name: 'Parents opposite on the wheel',
				says: 'The first two lie 150° to 180° apart on the painter’s wheel.',
				rule: { rule: 'separation', wheel: 'painter', least: 150, most: 180 }
			},
			{
				name: 'No parent left pure',
				says: 'None has more than nine tenths of the chroma that a screen has of its hue.',
				rule: { rule: 'not-pure' }
			}
		]
	}
];
