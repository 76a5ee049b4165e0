import { type Triple } from '../colour/vector';
import { differenceOfLinear } from '../difference/lab-of-linear';
import { judgeOverlap } from '../mix/overlap';
import { besideLimit } from '../say-number';
import { type GroundRule, type Verdict } from './rules';

/** Figures on grounds in linear sRGB, in pairs; for an overlap the two figures and their crossing. */
export interface MadeGrounds {
	readonly figures: readonly Triple[];
	readonly grounds: readonly Triple[];
	readonly crossing?: Triple;
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
export function judgeGrounds({ figures, grounds, crossing }: MadeGrounds, rule: GroundRule): Verdict {
	switch (rule.rule) {
		case 'overlap-transparent': {
			const [first, second] = figures;
			if (!first || !second || !crossing) return missing('There are no two figures that cross.');
			const { transparency, reason } = judgeOverlap(first, second, crossing);
			return { holds: transparency === 'reads', key: 'rule.transparent', reason, step: null };
		}
		case 'figures-identical': {
			if (figures.length < 2) return missing('There is only one figure; two are asked.');
			const { apart, second } = extreme(figures, true);
			const holds = apart <= rule.within;
			const reason = holds
				? `The figures are one colour, within ${rule.within} ΔE00.`
				: `The figures differ by ${besideLimit(apart, rule.within, 1)} ΔE00; within ${rule.within} they are one colour.`;
			return { holds, key: 'rule.identical', reason, step: holds ? null : second + 1 };
		}
		case 'grounds-differ': {
			if (grounds.length < 2) return missing('There is only one ground; two are asked.');
			const { apart, second } = extreme(grounds, false);
			const holds = apart >= rule.least;
			return {
				holds,
				key: 'rule.grounds-differ',
				reason: `The grounds differ by ${besideLimit(apart, rule.least, 1)} ΔE00; at least ${rule.least} is asked.`,
				step: holds ? null : second + 1
			};
		}
	}
}
