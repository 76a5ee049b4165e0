import { judgeScale, type MadeScale } from './judge-scale';
import { type RuleBook } from './rule-book';
import { limitsOf } from './rule-limits';
import { COMMON_RULES, ruleWords } from './rule-words';
import { type ScaleRule } from './rules';

/** Rules of scales. */
export const scaleRules: RuleBook<ScaleRule, MadeScale> = {
	common: COMMON_RULES,
	words: ruleWords,
	limits: limitsOf,
	judge: judgeScale
};
