import { type Verdict } from './rules';

/** One number that a rule is drawn at and that an educator can set. */
export interface Limit<R> {
	/** "Angle, at least" */
	readonly name: string;
	readonly value: number;
	readonly least: number;
	readonly most: number;
	readonly step: number;
	/** The same rule with this limit set to a number within its range. */
	readonly set: (value: number) => R;
}

/** A rule ready to be put on a plate. */
export interface CommonRule<R> {
	readonly name: string;
	/** What it asks for, and why a course asks for it, in a sentence. */
	readonly says: string;
	readonly rule: R;
}

/** Rules by what they are about. */
export interface RulesAbout<R> {
	readonly about: string;
	readonly rules: readonly CommonRule<R>[];
}

/** Everything that is known of a family of rules (R), and how what was made (M) is judged by one of them. */
export interface RuleBook<R, M> {
	/** The rules that an educator asks for most. */
	readonly common: readonly RulesAbout<R>[];
	/** What a rule asks for, in a few words, as the heading of its verdict. */
	readonly words: (rule: R) => string;
	/** The numbers of a rule that can be set; none for rules that only hold or not. */
	readonly limits: (rule: R) => readonly Limit<R>[];
	readonly judge: (made: M, rule: R) => Verdict;
}

/** A limit from its least, 0 unless said, to its most. */
export const limit = <R>(
	name: string,
	value: number,
	[most, step]: readonly [number, number],
	set: (value: number) => R,
	least = 0
): Limit<R> => ({ name, value, least, most, step, set });

/** Two limits, a least and a most, that never pass each other. */
export const span = <R>(
	name: string,
	{ least, most }: { least: number; most: number },
	top: number,
	set: (span: { least: number; most: number }) => R
): Limit<R>[] => [
	limit(`${name}, at least`, least, [most, 1], (value) => set({ least: value, most })),
	limit(`${name}, at most`, most, [top, 1], (value) => set({ least, most: value }), least)
];

/** Two books of rules as one: each rule is looked up where its name is known. */
export function bothBooks<One extends { readonly rule: string }, Other extends { readonly rule: string }, M>(
	first: RuleBook<One, M>,
	second: RuleBook<Other, M>,
	isFirst: (rule: One | Other) => rule is One
): RuleBook<One | Other, M> {
	return {
		common: [...first.common, ...second.common],
		words: (rule) => (isFirst(rule) ? first.words(rule) : second.words(rule as Other)),
		limits: (rule) => (isFirst(rule) ? first.limits(rule) : second.limits(rule as Other)),
		judge: (made, rule) => (isFirst(rule) ? first.judge(made, rule) : second.judge(made, rule as Other))
	};
}
