import { type Triple } from '../colour/vector';
import { differenceOfLinear } from '../difference/lab-of-linear';
import { besideLimit } from '../say-number';
import {
	ATTEMPT_FIRST,
	attemptLimits,
	attemptWords,
	judgeAttempt,
	type AttemptRule,
	type MadeAttempt
} from './attempt-rule';
import { limit, type RuleBook } from './rule-book';
import { type Verdict } from './rules';

/** What a brief can ask of figures on grounds. */
export type GroundRule =
	/** The figures are one and the same colour, within so many ΔE00. */
	| { readonly rule: 'figures-identical'; readonly within: number }
	/** The grounds differ by at least so many ΔE00. */
	| { readonly rule: 'grounds-differ'; readonly least: number }
	| AttemptRule;

/** Figures on grounds in linear sRGB, and what is looked for by eye, where something is. */
export interface MadeGrounds {
	readonly figures: readonly Triple[];
	readonly grounds: readonly Triple[];
	readonly attempt: MadeAttempt | null;
}

/** The two of a list that differ most or least in ΔE00, with how much. */
function extreme(colours: readonly Triple[], most: boolean): { apart: number; second: number } {
	let found = { apart: most ? -1 : Infinity, second: 0 };
	colours.forEach((one, i) =>
		colours.slice(i + 1).forEach((other, k) => {
			const apart = differenceOfLinear(one, other);
			if (most ? apart > found.apart : apart < found.apart) found = { apart, second: i + k + 1 };
		})
	);
	return found;
}

const missing = (reason: string): Verdict => ({ holds: false, key: 'rule.missing', reason, step: null });

/** Judges figures on grounds by one rule of a brief; `step` is the figure or ground, from 1, that breaks it. */
export function judgeGrounds({ figures, grounds, attempt }: MadeGrounds, rule: GroundRule): Verdict {
	switch (rule.rule) {
		case 'attempt':
			return judgeAttempt(attempt, rule);
		case 'figures-identical': {
			if (figures.length < 2) return missing('There is only one figure; two are asked.');
			const { apart, second } = extreme(figures, true);
			const holds = apart <= rule.within;
			const figure = besideLimit(apart, rule.within, 1);
			const reason = holds
				? `The figures are one colour, within ${rule.within} ΔE00.`
				: `The figures differ by ${figure} ΔE00; within ${rule.within} they are one colour.`;
			return { holds, key: 'rule.identical', reason, step: holds ? null : second + 1, figure };
		}
		case 'grounds-differ': {
			if (grounds.length < 2) return missing('There are no two grounds; two are asked.');
			const { apart, second } = extreme(grounds, false);
			const holds = apart >= rule.least;
			const figure = besideLimit(apart, rule.least, 1);
			return {
				holds,
				key: 'rule.grounds-differ',
				reason: `The grounds differ by ${figure} ΔE00; at least ${rule.least} is asked.`,
				step: holds ? null : second + 1,
				figure
			};
		}
	}
}

function limitsOf(rule: GroundRule) {
	switch (rule.rule) {
		case 'attempt':
			return attemptLimits(rule);
		case 'figures-identical':
			return [limit('ΔE00, within', rule.within, [100, 0.5], (within): GroundRule => ({ ...rule, within }))];
		case 'grounds-differ':
			return [limit('ΔE00, at least', rule.least, [100, 0.5], (least): GroundRule => ({ ...rule, least }))];
	}
}

function wordsOf(rule: GroundRule): string {
	switch (rule.rule) {
		case 'attempt':
			return attemptWords(rule);
		case 'figures-identical':
			return 'The figures are one colour';
		case 'grounds-differ':
			return `Grounds ${rule.least} ΔE00 apart or more`;
	}
}

/** Rules of figures on grounds (limits: common practice, no source). */
export const groundRules: RuleBook<GroundRule, MadeGrounds> = {
	common: [
		{
			about: 'Figures and grounds',
			rules: [
				{
					name: 'The figures are one colour',
					says: 'Both figures have the same colour, whatever they look like.',
					rule: { rule: 'figures-identical', within: 0.5 }
				},
				{
					name: 'Grounds that differ',
					says: 'The two grounds differ by 20 ΔE00 or more.',
					rule: { rule: 'grounds-differ', least: 20 }
				},
				ATTEMPT_FIRST
			]
		}
	],
	words: wordsOf,
	limits: limitsOf,
	judge: judgeGrounds
};
