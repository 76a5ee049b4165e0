import { type Triple } from '../colour/vector';
import { differenceOfLinear } from '../difference/lab-of-linear';
import { besideLimit } from '../say-number';
import { limit, type Limit, type RulesAbout } from './rule-book';
import { type Verdict } from './rules';

/** What was set by eye before the solution was shown is within so many ΔE00 of it. */
export interface AttemptRule {
	readonly rule: 'attempt';
	readonly within: number;
}

/** A colour that is looked for by eye, and the one that is right; linear sRGB. */
export interface MadeAttempt {
	/** As it was set when the solution was shown for the first time; null where nothing was set, undefined while it was never shown. */
	readonly attempt: Triple | null | undefined;
	readonly solution: Triple;
}

const MOST_OFF = 100;

/** @param made null where nothing is looked for on the plate. */
export function judgeAttempt(made: MadeAttempt | null, { within }: AttemptRule): Verdict {
	const open = (reason: string): Verdict => ({ holds: false, key: 'rule.missing', reason, step: null });
	if (!made) return open('Nothing is to be found by eye in this exercise.');
	if (made.attempt === undefined) return open('Set it by eye, then show the solution: what is set then counts.');
	if (made.attempt === null) return open('The solution was shown before anything was set by eye.');
	const off = differenceOfLinear(made.attempt, made.solution);
	const figure = besideLimit(off, within, 1);
	const reason = `Set by eye ${figure} ΔE00 from the solution before it was shown; within ${within} is asked.`;
	return { holds: off <= within, key: 'rule.attempt', reason, step: null, figure };
}

export const attemptWords = ({ within }: AttemptRule): string => `By eye first, within ${within} ΔE00`;

export const attemptLimits = (rule: AttemptRule): readonly Limit<AttemptRule>[] => [
	limit('ΔE00, within', rule.within, [MOST_OFF, 0.5], (within) => ({ ...rule, within }))
];

/** The limit is ours. */
export const ATTEMPT_FIRST: RulesAbout<AttemptRule>['rules'][number] = {
	name: 'By eye first',
	says: 'What is set by eye before the solution is shown comes within 10 ΔE00 of it.',
	rule: { rule: 'attempt', within: 10 }
};
