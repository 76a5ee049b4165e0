import { ordinal } from '../ordinals';
import { toLinear } from '../colour/colour';
import { srgbToHsb } from '../colour/hsb';
import { readColour } from '../colour/read';
import { encodeSrgb } from '../colour/srgb';
import { type Triple } from '../colour/vector';
import { evenness, readScale } from '../scale/readings';
import { RECIPE_WORDS } from '../scale/words';
import { type Scale } from '../scale/scale';
import { type Recipe } from '../scale/recipe';
import { nearestOf } from '../scheme/nearest';
import { temperature } from '../scheme/temperature';
import { angleOn } from '../scheme/turn-hue';
import { angleBetween } from '../scheme/wheel';
import { HIGH_KEY, LOW_KEY, type ScaleRule, type Verdict } from './rules';

/** A scale as it was made: its recipe, its parents as a screen shows them (linear sRGB), and its steps. */
export interface MadeScale {
	readonly recipe: Recipe;
	readonly parents: readonly Triple[];
	readonly scale: Scale;
}

const verdict = (holds: boolean, reason: string, step: number | null = null): Verdict => ({
	holds,
	reason,
	step: holds ? null : step
});
const parentName = (index: number, count: number): string =>
	count === 1 ? 'The parent' : `The ${ordinal(index)} parent`;
/** The step, from 1, that a parent is; null where it is none. */
const stepOf = (scale: Scale, parent: number): number | null => {
	const index = scale.steps.findIndex((step) => step.parent === parent);
	return index < 0 ? null : index + 1;
};
/** A hue as full as the screen has it: saturation and brightness within two codes of the top. */
const FULL = 0.99;

function isPure(parent: Triple): boolean {
	const [, saturation, brightness] = srgbToHsb(encodeSrgb(parent));
	return saturation >= FULL && brightness >= FULL;
}

function judgeParents(
	{ parents, scale }: MadeScale,
	holds: (parent: Triple) => boolean,
	says: (parent: Triple) => string
): Verdict {
	const failing = parents.findIndex((parent) => !holds(parent));
	const index = failing < 0 ? 0 : failing;
	return verdict(failing < 0, `${parentName(index, parents.length)} ${says(parents[index]!)}`, stepOf(scale, index));
}

function judgeTemperature(made: MadeScale, { of, is }: Extract<ScaleRule, { rule: 'temperature' }>): Verdict {
	if (of === 'all')
		return judgeParents(
			made,
			(parent) => temperature(parent) === is,
			(parent) => `is ${temperature(parent)}; all should be ${is}.`
		);
	const parent = made.parents[of];
	if (!parent) return verdict(false, `There is no ${ordinal(of)} parent; it should be ${is}.`);
	const found = temperature(parent);
	return verdict(
		found === is,
		`${parentName(of, made.parents.length)} is ${found}; it should be ${is}.`,
		stepOf(made.scale, of)
	);
}

function judgeKey({ scale }: MadeScale, { is, limit }: Extract<ScaleRule, { rule: 'key' }>): Verdict {
	const border = limit ?? (is === 'high' ? HIGH_KEY : LOW_KEY);
	const off = scale.steps.map(({ value }) => (is === 'high' ? border - value : value - border));
	const worst = off.indexOf(Math.max(...off));
	const side = is === 'high' ? 'at least' : 'at most';
	const value = scale.steps[worst]!.value.toFixed(0);
	const reason =
		off[worst]! <= 0
			? `Every value is ${side} ${border}: ${is} key.`
			: `Step ${worst + 1} has value ${value}; in ${is} key it has ${side} ${border}.`;
	return verdict(off[worst]! <= 0, reason, worst + 1);
}

function judgeOneWay({ scale }: MadeScale): Verdict {
	const values = scale.steps.map(({ value }) => value);
	const climbs = values.slice(1).map((value, i) => value - values[i]!);
	const rises = values.at(-1)! >= values[0]!;
	const broken = climbs.findIndex((climb) => (rises ? climb < -0.5 : climb > 0.5));
	const way = rises ? 'rises' : 'falls';
	const reason = broken < 0 ? `Value ${way} all the way.` : `Value ${way}, but turns at step ${broken + 2}.`;
	return verdict(broken < 0, reason, broken + 2);
}

function judgeEqual({ scale }: MadeScale, within: number): Verdict {
	const values = scale.steps.map(({ value }) => value);
	const spread = Math.max(...values) - Math.min(...values);
	const off = values.map((value) => Math.abs(value - values[0]!));
	return verdict(
		spread <= within,
		`Values differ by ${spread.toFixed(1)} L*; ${within} is allowed.`,
		off.indexOf(Math.max(...off)) + 1
	);
}

function judgeEvenness({ scale }: MadeScale, least: number): Verdict {
	const { differences } = readScale(scale, [1, 1, 1]);
	const found = evenness(differences);
	const largest = differences.indexOf(Math.max(...differences));
	return verdict(found >= least, `Evenness is ${found.toFixed(2)}; at least ${least} is asked.`, largest + 2);
}

/** Judges a scale by one rule of a brief. */
export function judgeScale(made: MadeScale, rule: ScaleRule): Verdict {
	const { parents, scale } = made;
	switch (rule.rule) {
		case 'recipe': {
			const [found, asked] = [RECIPE_WORDS[made.recipe].name.toLowerCase(), RECIPE_WORDS[rule.is].name.toLowerCase()];
			return verdict(made.recipe === rule.is, `The recipe is ${found}; ${asked} is asked.`);
		}
		case 'count': {
			const asked = rule.least === rule.most ? `${rule.least}` : `${rule.least} to ${rule.most}`;
			const reason = `There are ${scale.between} steps between, ${scale.inAll} in all; ${asked} between is asked.`;
			return verdict(scale.between >= rule.least && scale.between <= rule.most, reason);
		}
		case 'temperature':
			return judgeTemperature(made, rule);
		case 'separation': {
			const [first, second] = parents;
			if (!first || !second) return verdict(false, 'There is only one parent; two are asked.');
			const angle = angleBetween(angleOn(rule.wheel, first), angleOn(rule.wheel, second));
			const asked = `${rule.least}° to ${rule.most}°`;
			// Half a degree is allowed for the rounding of codes.
			const holds = angle >= rule.least - 0.5 && angle <= rule.most + 0.5;
			return verdict(
				holds,
				`The parents stand ${angle.toFixed(0)}° apart on the wheel; ${asked} is asked.`,
				stepOf(scale, 1)
			);
		}
		case 'key':
			return judgeKey(made, rule);
		case 'not-pure':
			return judgeParents(
				made,
				(parent) => !isPure(parent),
				(parent) => (isPure(parent) ? 'is left pure.' : 'is not left pure.')
			);
		case 'value-one-way':
			return judgeOneWay(made);
		case 'value-equal':
			return judgeEqual(made, rule.within);
		case 'evenness':
			return judgeEvenness(made, rule.least);
		case 'uses-palette': {
			const palette = rule.palette.map((text) => toLinear(readColour(text)));
			const off = (parent: Triple): number => nearestOf(palette, parent)?.distance ?? Infinity;
			return judgeParents(
				made,
				(parent) => off(parent) <= rule.within,
				(parent) =>
					`is ${off(parent).toFixed(1)} ΔE00 from the nearest colour of the palette; ${rule.within} is allowed.`
			);
		}
	}
}
