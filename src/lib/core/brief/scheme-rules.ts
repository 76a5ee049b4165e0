import { SCHEME_WORDS } from '../scheme/scheme-words';
import { type Scheme } from '../scheme/schemes';
import { type RuleBook } from './rule-book';

/** What a brief can ask of a scheme beside its colours. */
export interface SchemeRule {
	readonly rule: 'is-scheme';
	readonly is: Scheme;
}

const nameOf = (scheme: Scheme): string => SCHEME_WORDS[scheme].name.toLowerCase();

/** The schemes that courses ask for first. */
const ASKED = ['complementary', 'split-complementary', 'triad', 'analogous', 'monochromatic'] as const;

/** Rules of schemes. */
export const schemeRules: RuleBook<SchemeRule, { readonly scheme: Scheme }> = {
	common: [
		{
			about: 'The scheme',
			rules: ASKED.map((is) => ({
				name: SCHEME_WORDS[is].name,
				says: SCHEME_WORDS[is].says,
				rule: { rule: 'is-scheme', is }
			}))
		}
	],
	words: ({ is }) => `Scheme: ${nameOf(is)}`,
	limits: () => [],
	judge: ({ scheme }, { is }) => ({
		holds: scheme === is,
		key: 'rule.scheme',
		reason: `The scheme is ${nameOf(scheme)}; ${nameOf(is)} is asked.`,
		step: null
	})
};
