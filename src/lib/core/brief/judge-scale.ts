import { ordinal } from '../ordinals';
import { toLinear } from '../colour/colour';
import { cuspOf } from '../colour/cusp';
import { linearToOklch } from '../colour/oklab';
import { readColour } from '../colour/read';
import { type Triple } from '../colour/vector';
import { courseOf } from '../scale/course';
import { readScale } from '../scale/readings';
import { RECIPE_WORDS, WHEEL_WORDS } from '../scale/words';
import { besideLimit } from '../say-number';
import { type SentenceKey } from '../sentence-keys';
import { type Scale } from '../scale/scale';
import { type Recipe } from '../scale/recipe';
import { nearestOf } from '../scheme/nearest';
import { isGrey } from '../colour/hueless';
import { TEMPERATURE_WORDS, temperature } from '../scheme/temperature';
import { angleOn } from '../scheme/turn-hue';
import { angleBetween } from '../colour/vector';
import { HIGH_KEY, LOW_KEY, type ScaleRule, type Verdict } from './rules';

/** A scale as it was made: its recipe, its parents as a screen shows them (linear sRGB), and its steps. */
export interface MadeScale {
	readonly recipe: Recipe;
	readonly parents: readonly Triple[];
	readonly scale: Scale;
}

const verdict = (key: SentenceKey, holds: boolean, reason: string, step: number | null = null): Verdict => ({
	holds,
	key,
	reason,
	step: holds ? null : step
});
const missing = (reason: string): Verdict => verdict('rule.missing', false, reason);
const parentName = (index: number, count: number): string =>
	count === 1 ? 'The parent' : `The ${ordinal(index)} parent`;
/** The step, from 1, that a parent is; null where it is none. */
const stepOf = (scale: Scale, parent: number): number | null => {
	const index = scale.steps.findIndex((step) => step.parent === parent);
	return index < 0 ? null : index + 1;
};

/** From this share on of the greatest chroma that a screen has of a hue, a colour is left pure (our choice). */
const PURE = 0.9;

/** How much of the greatest OKLab chroma of its hue a colour has, 0–1; 0 for a grey. */
function purityOf(parent: Triple): number {
	const [, chroma, hue] = linearToOklch(parent);
	if (isGrey(parent)) return 0;
	return chroma / linearToOklch(cuspOf(hue))[1];
}

interface ParentRule {
	readonly key: SentenceKey;
	readonly holds: (parent: Triple) => boolean;
	/** What is said of a parent, after its name. */
	readonly says: (parent: Triple) => string;
}

function judgeParents({ parents, scale }: MadeScale, { key, holds, says }: ParentRule): Verdict {
	const failing = parents.findIndex((parent) => !holds(parent));
	const index = failing < 0 ? 0 : failing;
	const reason = `${parentName(index, parents.length)} ${says(parents[index]!)}`;
	return verdict(key, failing < 0, reason, stepOf(scale, index));
}

/** What a colour is, of warm and cool; a grey is said to be one, so that nobody looks for its temperature. */
const temperatureWords = (parent: Triple): string =>
	isGrey(parent) ? 'is a grey, which is neither warm nor cool' : `is ${TEMPERATURE_WORDS[temperature(parent)]}`;

function judgeTemperature(made: MadeScale, { of, is }: Extract<ScaleRule, { rule: 'temperature' }>): Verdict {
	if (of === 'all')
		return judgeParents(made, {
			key: 'rule.temperature',
			holds: (parent) => temperature(parent) === is,
			says: (parent) => `${temperatureWords(parent)}; all should be ${is}.`
		});
	const parent = made.parents[of];
	if (!parent) return missing(`There is no ${ordinal(of)} parent; it should be ${is}.`);
	return verdict(
		'rule.temperature',
		temperature(parent) === is,
		`${parentName(of, made.parents.length)} ${temperatureWords(parent)}; it should be ${is}.`,
		stepOf(made.scale, of)
	);
}

/** Half a degree is allowed for the rounding of codes. */
const ROUNDING = 0.5;

function judgeSeparation(
	{ parents, scale }: MadeScale,
	{ wheel, least, most }: Extract<ScaleRule, { rule: 'separation' }>
): Verdict {
	const [first, second] = parents;
	if (!first || !second) return missing('There is only one parent; two are asked.');
	const asked = `${least}° to ${most}°`;
	const grey = [first, second].findIndex(isGrey);
	if (grey >= 0) {
		const reason = `${parentName(grey, 2)} is a grey, which has no place on a wheel; ${asked} is asked.`;
		return verdict('rule.separation', false, reason, stepOf(scale, grey));
	}
	const angle = angleBetween(angleOn(wheel, first), angleOn(wheel, second));
	const holds = angle >= least - ROUNDING && angle <= most + ROUNDING;
	const said = holds ? angle.toFixed(0) : besideLimit(angle, angle < least ? least - ROUNDING : most + ROUNDING);
	const reason = `The parents stand ${said}° apart on the ${WHEEL_WORDS[wheel]}; ${asked} is asked.`;
	return { ...verdict('rule.separation', holds, reason, stepOf(scale, 1)), figure: `${said}°` };
}

function judgeKey({ scale }: MadeScale, { is, limit }: Extract<ScaleRule, { rule: 'key' }>): Verdict {
	const border = limit ?? (is === 'high' ? HIGH_KEY : LOW_KEY);
	const off = scale.steps.map(({ value }) => (is === 'high' ? border - value : value - border));
	const worst = off.indexOf(Math.max(...off));
	const holds = off[worst]! <= WITHIN;
	const side = is === 'high' ? 'at least' : 'at most';
	const value = besideLimit(scale.steps[worst]!.value, border);
	const reason = holds
		? `Every value is ${side} ${border}: ${is} key.`
		: `Step ${worst + 1} has value ${value}; in ${is} key it has ${side} ${border}.`;
	return { ...verdict('rule.key', holds, reason, worst + 1), figure: value };
}

/** Less than this is the rounding of the reckoning, not a difference. */
const WITHIN = 1e-9;

function judgeOneWay({ scale }: MadeScale): Verdict {
	const values = scale.steps.map(({ value }) => value);
	const course = courseOf(values);
	const key = 'rule.one-way';
	switch (course.kind) {
		case 'level':
			return verdict(key, true, `Value stays level at ${values[0]!.toFixed(0)}.`);
		case 'rises':
		case 'falls':
			return verdict(key, true, `Value ${course.kind} all the way.`);
		case 'turns': {
			const [step] = course.at;
			if (step === undefined) return verdict(key, false, 'Value goes now up and now down.');
			return verdict(key, false, `Value turns at step ${step}.`, step);
		}
	}
}

function judgeEqual({ scale }: MadeScale, within: number): Verdict {
	const values = scale.steps.map(({ value }) => value);
	const spread = Math.max(...values) - Math.min(...values);
	const off = values.map((value) => Math.abs(value - values[0]!));
	const figure = besideLimit(spread, within, 1);
	const reason = `Values differ by ${figure} L*; ${within} is allowed.`;
	const worst = off.indexOf(Math.max(...off)) + 1;
	return { ...verdict('rule.equal-value', spread <= within + WITHIN, reason, worst), figure };
}

function judgeEvenness({ scale }: MadeScale, least: number): Verdict {
	const readings = readScale(scale, [1, 1, 1]);
	const free = readings.differences.map((difference, i) => (readings.leaps.includes(i) ? -1 : difference));
	const largest = free.indexOf(Math.max(...free));
	const figure = besideLimit(readings.evenness, least, 2);
	const words = `Evenness is ${figure}; at least ${least} is asked.`;
	return { ...verdict('rule.evenness', readings.evenness >= least, words, largest + 2), figure };
}

function judgePalette(made: MadeScale, { palette, within }: Extract<ScaleRule, { rule: 'uses-palette' }>): Verdict {
	const colours = palette.map((text) => toLinear(readColour(text)));
	if (colours.length === 0) return missing('The palette has no colours.');
	const off = (parent: Triple): number => nearestOf(colours, parent)!.distance;
	return judgeParents(made, {
		key: 'rule.palette',
		holds: (parent) => off(parent) <= within,
		says: (parent) =>
			`is ${besideLimit(off(parent), within, 1)} ΔE00 from the nearest colour of the palette; ${within} is allowed.`
	});
}

function judgePurity(made: MadeScale): Verdict {
	const asked = `under ${100 * PURE} % is not left pure.`;
	return judgeParents(made, {
		key: 'rule.not-pure',
		holds: (parent) => purityOf(parent) < PURE,
		says: (parent) =>
			`has ${besideLimit(100 * purityOf(parent), 100 * PURE)} % of the greatest chroma of its hue; ${asked}`
	});
}

function judgeRecipe({ recipe }: MadeScale, asked: Recipe): Verdict {
	const words = `The recipe is ${RECIPE_WORDS[recipe].name.toLowerCase()}; ${RECIPE_WORDS[asked].name.toLowerCase()} is asked.`;
	return verdict('rule.recipe', recipe === asked, words);
}

function judgeCount({ scale }: MadeScale, { least, most }: { readonly least: number; readonly most: number }): Verdict {
	const asked = least === most ? `${least}` : `${least} to ${most}`;
	const words = `There are ${scale.between} steps between, ${scale.inAll} in all; ${asked} between is asked.`;
	const holds = scale.between >= least && scale.between <= most;
	return { ...verdict('rule.count', holds, words), figure: String(scale.between) };
}

/** Judges a scale by one rule of a brief. */
export function judgeScale(made: MadeScale, rule: ScaleRule): Verdict {
	switch (rule.rule) {
		case 'recipe':
			return judgeRecipe(made, rule.is);
		case 'count':
			return judgeCount(made, rule);
		case 'temperature':
			return judgeTemperature(made, rule);
		case 'separation':
			return judgeSeparation(made, rule);
		case 'key':
			return judgeKey(made, rule);
		case 'not-pure':
			return judgePurity(made);
		case 'value-one-way':
			return judgeOneWay(made);
		case 'value-equal':
			return judgeEqual(made, rule.within);
		case 'evenness':
			return judgeEvenness(made, rule.least);
		case 'uses-palette':
			return judgePalette(made, rule);
	}
}
