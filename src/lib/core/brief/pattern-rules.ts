import { judgePattern, type MadeDesign, type PatternRule } from './judge-pattern';
import { limit, type RuleBook } from './rule-book';

const MOST_LAID = 60;
const MOST_PERCENT = 50;

function wordsOf(rule: PatternRule): string {
	switch (rule.rule) {
		case 'uses-all':
			return 'Uses every colour';
		case 'at-most':
			return `No more than ${rule.most} colours`;
		case 'each-share':
			return `Each colour covers ${Math.round(100 * rule.least)} % or more`;
		case 'told-apart':
			return `Neighbours ${rule.least} ΔE00 apart or more`;
		case 'palette-only':
			return 'Uses a palette only';
	}
}

function limitsOf(rule: PatternRule) {
	switch (rule.rule) {
		case 'at-most':
			return [limit('Colours', rule.most, [MOST_LAID, 1], (most): PatternRule => ({ ...rule, most }), 1)];
		case 'each-share': {
			const percent = Math.round(100 * rule.least);
			return [limit('Per cent', percent, [MOST_PERCENT, 1], (to): PatternRule => ({ ...rule, least: to / 100 }), 1)];
		}
		case 'told-apart':
			return [limit('ΔE00', rule.least, [100, 0.5], (least): PatternRule => ({ ...rule, least }))];
		case 'palette-only':
			return [limit('Within ΔE00', rule.within, [100, 0.5], (within): PatternRule => ({ ...rule, within }))];
		case 'uses-all':
			return [];
	}
}

/** Rules of designs (limits: common practice, no source). */
export const patternRules: RuleBook<PatternRule, MadeDesign> = {
	common: [
		{
			about: 'The design',
			rules: [
				{
					name: 'Uses every colour',
					says: 'Each colour that is laid out covers something.',
					rule: { rule: 'uses-all' }
				},
				{
					name: 'No more than so many colours',
					says: 'A design is held together by few.',
					rule: { rule: 'at-most', most: 8 }
				},
				{
					name: 'Each colour at least so much',
					says: 'No colour that is used covers less than 5 %.',
					rule: { rule: 'each-share', least: 0.05 }
				},
				{
					name: 'Neighbours can be told apart',
					says: 'Where two colours touch they differ by 5 ΔE00 or more.',
					rule: { rule: 'told-apart', least: 5 }
				}
			]
		}
	],
	words: wordsOf,
	limits: limitsOf,
	judge: judgePattern
};
