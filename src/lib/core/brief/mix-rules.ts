import { type Triple } from '../colour/vector';
import { judgeOverlap } from '../mix/overlap';
import {
	ATTEMPT_FIRST,
	attemptLimits,
	attemptWords,
	judgeAttempt,
	type AttemptRule,
	type MadeAttempt
} from './attempt-rule';
import { type RuleBook } from './rule-book';
import { type Verdict } from './rules';

/** What a brief can ask of mixes. */
export type MixRule =
	/** Every crossing reads as transparent. */
	{ readonly rule: 'overlap-transparent' } | AttemptRule;

/** What was made of parents, in linear sRGB: crossings of each two neighbours, and what is looked for by eye, where something is. */
export interface MadeMix {
	readonly figures: readonly Triple[];
	/** One for each two neighbours; none where figures do not cross. */
	readonly crossings: readonly Triple[];
	readonly attempt: MadeAttempt | null;
}

/** Judges a mix by one rule of a brief; `step` is the crossing, from 1, that breaks it. */
export function judgeMix({ figures, crossings, attempt }: MadeMix, rule: MixRule): Verdict {
	if (rule.rule === 'attempt') return judgeAttempt(attempt, rule);
	if (crossings.length === 0)
		return { holds: false, key: 'rule.missing', reason: 'There are no two figures that cross.', step: null };
	const all = crossings.map((crossing, i) => judgeOverlap(figures[i]!, figures[i + 1]!, crossing));
	const breaks = all.findIndex(({ transparency }) => transparency !== 'reads');
	const shown = Math.max(0, breaks);
	const reason = `${all.length > 1 && breaks >= 0 ? `Crossing ${shown + 1}: ` : ''}${all[shown]!.reason}`;
	return { holds: breaks < 0, key: 'rule.transparent', reason, step: breaks < 0 ? null : shown + 1 };
}

/** Rules of mixes. */
export const mixRules: RuleBook<MixRule, MadeMix> = {
	common: [
		{
			about: 'Mixes',
			rules: [
				{
					name: 'Reads as transparent',
					says: 'Where two figures cross, one seems to lie over the other and to let it through.',
					rule: { rule: 'overlap-transparent' }
				},
				ATTEMPT_FIRST
			]
		}
	],
	words: (rule) => (rule.rule === 'attempt' ? attemptWords(rule) : 'Reads as transparent'),
	limits: (rule) => (rule.rule === 'attempt' ? attemptLimits(rule) : []),
	judge: judgeMix
};
