import { besideLimit } from '../say-number';
import { limit, type RuleBook } from './rule-book';

/** What a brief can ask of the colours taken from a picture: that they stand for it, within so many ΔE00 in the mean. */
export interface PictureRule {
	readonly rule: 'stands-for';
	readonly within: number;
}

/** How far the colours stand for the picture, ΔE00 in the mean; null while that is not known. */
export interface MadePicture {
	readonly difference: number | null;
}

/** Rules of pictures (the limit is ours). */
export const pictureRules: RuleBook<PictureRule, MadePicture> = {
	common: [
		{
			about: 'The picture',
			rules: [
				{
					name: 'They stand for the picture',
					says: 'Painted in these colours only, the picture is at most 8 ΔE00 off in the mean.',
					rule: { rule: 'stands-for', within: 8 }
				}
			]
		}
	],
	words: ({ within }) => `Stand for the picture within ${within} ΔE00`,
	limits: (rule) => [limit('ΔE00, within', rule.within, [100, 0.5], (within) => ({ ...rule, within }))],
	judge: ({ difference }, { within }) => {
		if (difference === null) {
			const reason = 'It is not reckoned yet how far they stand for it.';
			return { holds: false, key: 'rule.missing', reason, step: null };
		}
		const figure = besideLimit(difference, within, 1);
		const reason = `In these colours the picture is ${figure} ΔE00 off in the mean; ${within} is allowed.`;
		return { holds: difference <= within, key: 'rule.stands-for', reason, step: null, figure };
	}
};
