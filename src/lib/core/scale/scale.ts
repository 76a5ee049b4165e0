import { linearToHex } from '../colour/bytes';
import { luminanceToValue } from '../colour/lab';
import { show } from '../colour/shown';
import { type Colour } from '../colour/colour';
import { type Triple } from '../colour/vector';
import { luminance } from '../colour/xyz';
import { Problem } from '../problem';
import { pathBetween, pointOn, type Method } from './path';
import { RECIPE_RULES, type Recipe } from './recipe';
import { equalDifferences, equalShares, type Spacing } from './spacing';

/** What decides a scale. Everything else follows from these. */
export interface ScaleSpec {
	readonly recipe: Recipe;
	/** At least as many as the recipe uses. */
	readonly parents: readonly Colour[];
	/** Steps that are not parents or ends: a whole number, 0 to 48. */
	readonly between: number;
	readonly method: Method;
	readonly spacing: Spacing;
}

/** One colour of a scale, as a screen can show it. */
export interface Step {
	/** Linear sRGB, 0–1, not rounded to codes. */
	readonly linear: Triple;
	/** `#rrggbb` */
	readonly hex: string;
	/** Value as L*, 0–100. */
	readonly value: number;
	/** Where it lies between the ends, 0–1, as a share of the mix. */
	readonly share: number;
	/** Which parent it is, or null where it follows from them. */
	readonly parent: number | null;
	/** Whether it lay outside the screen gamut and was brought into it. */
	readonly mapped: boolean;
}

export interface Scale {
	readonly steps: readonly Step[];
	readonly between: number;
	/** Every step counted: between and the two ends. */
	readonly inAll: number;
}

export const MOST_BETWEEN = 48;

/**
 * All steps of a scale. The parents come back exactly as they are; n between gives n + 2 in all.
 * @throws Problem `count` for steps between outside 0–48; `parents` when the recipe needs more parents.
 */
export function makeScale({ recipe, parents, between, method, spacing }: ScaleSpec): Scale {
	if (!Number.isInteger(between) || between < 0 || between > MOST_BETWEEN)
		throw new Problem('count', `${between} steps between cannot be made.`, 'a whole number from 0 to 48');
	const rule = RECIPE_RULES[recipe];
	if (parents.length < rule.parents)
		throw new Problem('parents', `There are ${parents.length} parents.`, `${rule.parents} parents for this recipe`);

	const shown = parents.slice(0, rule.parents).map(show);
	const ends = shown.map(({ linear }) => linear);
	const path = pathBetween(ends[0]!, rule.end(ends), method, rule.level);
	const intervals = between + 1;
	const shares = spacing === 'differences' ? equalDifferences(path, intervals) : equalShares(intervals);

	const first = shown[0]!;
	const steps: Step[] = [toStep(first.linear, first.mapped, 0, 0)];
	for (let i = 1; i < intervals; i++) {
		const { linear, mapped } = pointOn(path, shares[i]!);
		steps.push(toStep(linear, mapped, shares[i]!, null));
	}
	const second = shown[1];
	steps.push(second ? toStep(second.linear, second.mapped, 1, 1) : toStep(rule.end(ends), false, 1, null));
	return { steps, between, inAll: between + 2 };
}

function toStep(linear: Triple, mapped: boolean, share: number, parent: number | null): Step {
	const [r, g, b] = linear;
	return { linear, hex: linearToHex(r, g, b), value: luminanceToValue(luminance(r, g, b)), share, parent, mapped };
}
