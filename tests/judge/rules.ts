import { type ScaleRule } from '../../src/lib/core/brief/rules';
import { type SentenceKey } from '../../src/lib/core/sentence-keys';
import { apart, between, chromaOf, hueOf, isGrey, lightHueOf, numbersIn, says, valueOf, type Reckoned } from './reckon';
import { type ShownScale } from './scales';

/** A rule with its verdict, and the scale that it is of. */
export interface Ruled {
	readonly scale: ShownScale;
	readonly rule: ScaleRule;
	readonly holds: boolean;
}

type Key = Exclude<
	Extract<SentenceKey, `rule.${string}`>,
	| 'rule.transparent'
	| 'rule.identical'
	| 'rule.grounds-differ'
	| 'rule.matched'
	| 'rule.attempt'
	| 'rule.scheme'
	| 'rule.wheel'
	| 'rule.rings'
	| 'rule.stands-for'
>;
type OfRule<R extends ScaleRule['rule']> = Extract<ScaleRule, { rule: R }>;

const valuesOf = ({ steps }: ShownScale): number[] => steps.map(valueOf);
const isWarm = (colour: Reckoned): boolean => !isGrey(colour) && between(lightHueOf(colour), 0) < 90 - 1e-6;
const isCool = (colour: Reckoned): boolean => !isGrey(colour) && between(lightHueOf(colour), 0) > 90 + 1e-6;

/** HSB hues of the painter's sixths, as tests/reference/hue-wheels.json has them for the red-yellow-blue wheel of this product. */
const SIXTHS = [0, 30, 60, 120, 240, 280, 360];

export function painterAngle(colour: Reckoned): number {
	const hue = lightHueOf(colour);
	const at = SIXTHS.findIndex((sixth, i) => hue >= sixth && hue < (SIXTHS[i + 1] ?? 361));
	return 60 * (at + (hue - SIXTHS[at]!) / (SIXTHS[at + 1]! - SIXTHS[at]!));
}

const ANGLES = { light: lightHueOf, painter: painterAngle, perceptual: hueOf } as const;

/** The greatest chroma of a colour's hue, by the pure hues of the light wheel. */
function purity(colour: Reckoned): number {
	if (isGrey(colour)) return 0;
	const pure = Array.from({ length: 720 }, (_, i): Reckoned => ({ mode: 'hsv', h: i / 2, s: 1, v: 1 }));
	const nearest = pure.reduce((best, each) =>
		between(hueOf(each), hueOf(colour)) < between(hueOf(best), hueOf(colour)) ? each : best
	);
	return chromaOf(colour) / chromaOf(nearest);
}

/** What each verdict on a scale claims, reckoned again. */
export const RULE_JUDGES: Readonly<Record<Key, (words: string, ruled: Ruled) => boolean>> = {
	'rule.missing': (_, { holds }) => !holds,
	'rule.recipe': (_, { rule, scale, holds }) => holds === (scale.recipe === (rule as OfRule<'recipe'>).is),
	'rule.count': (words, { rule, scale, holds }) => {
		const { least, most } = rule as OfRule<'count'>;
		const between = scale.steps.length - 2;
		return (
			numbersIn(words)[0] === between &&
			numbersIn(words)[1] === between + 2 &&
			holds === (between >= least && between <= most)
		);
	},
	'rule.temperature': (words, { rule, scale, holds }) => {
		const { of, is } = rule as OfRule<'temperature'>;
		const asked = of === 'all' ? scale.parents : [scale.parents[of]!];
		const real = asked.every(is === 'warm' ? isWarm : isCool);
		const said = /parent is (warm|cool|a grey|neither)/.exec(words)?.[1];
		const shown = scale.parents.some((parent) =>
			said === 'warm'
				? isWarm(parent)
				: said === 'cool'
					? isCool(parent)
					: said === 'a grey'
						? isGrey(parent)
						: !isGrey(parent)
		);
		return holds === real && shown;
	},
	'rule.separation': (words, { rule, scale, holds }) => {
		const { wheel, least, most } = rule as OfRule<'separation'>;
		const [one, other] = [scale.parents[0]!, scale.parents[1]!];
		if (words.includes('is a grey')) return !holds && (isGrey(one) || isGrey(other));
		const angle = between(ANGLES[wheel](one), ANGLES[wheel](other));
		return (
			says(numbersIn(words)[0]!, angle, /[\d.]+/.exec(words)![0]) &&
			holds === (angle >= least - 0.5 && angle <= most + 0.5)
		);
	},
	'rule.key': (words, { rule, scale, holds }) => {
		const { is, limit = is === 'high' ? 65 : 40 } = rule as OfRule<'key'>;
		const all = valuesOf(scale);
		const real =
			is === 'high' ? all.every((value) => value >= limit - 1e-6) : all.every((value) => value <= limit + 1e-6);
		const value = Number(/has value ([\d.]+)/.exec(words)?.[1] ?? NaN);
		const agrees = Number.isNaN(value) || (is === 'high' ? value < limit : value > limit);
		return holds === real && agrees;
	},
	'rule.not-pure': (words, { scale, holds }) => {
		const [percent] = numbersIn(words);
		const real = scale.parents.map(purity);
		const nearBlue = scale.parents.some((parent) => between(hueOf(parent), 264) < 2);
		return (holds === percent! < 90 && real.some((share) => Math.abs(100 * share - percent!) < 2)) || nearBlue;
	},
	'rule.one-way': (words, { scale, holds }) => {
		const all = valuesOf(scale);
		const climbs = all.slice(1).map((value, i) => value - all[i]!);
		const [up, down] = [1, -1].map((sign) => climbs.reduce((sum, climb) => sum + Math.max(0, sign * climb), 0));
		const level = Math.max(...all) - Math.min(...all) <= 1.001;
		if (words.includes('level')) return holds && level;
		if (words.includes('rises')) return holds && down! < 1.01 && all.at(-1)! > all[0]!;
		if (words.includes('falls')) return holds && up! < 1.01 && all.at(-1)! < all[0]!;
		return !holds && up! > 0.99 && down! > 0.99;
	},
	'rule.equal-value': (words, { rule, scale, holds }) => {
		const { within } = rule as OfRule<'value-equal'>;
		const spread = Math.max(...valuesOf(scale)) - Math.min(...valuesOf(scale));
		const [said] = numbersIn(words);
		return says(said!, spread, /[\d.]+/.exec(words)![0]) && holds === said! <= within;
	},
	'rule.evenness': (words, { rule, scale, holds }) => {
		const { least } = rule as OfRule<'evenness'>;
		const all = scale.steps.slice(1).map((step, i) => apart(scale.steps[i]!, step));
		const free = all.filter((_, i) => !scale.leaps.includes(i));
		const even = free.length === 0 || Math.max(...free) < 1e-5 ? 1 : Math.min(...free) / Math.max(...free);
		const [said] = numbersIn(words);
		return Math.abs(said! - even) < 0.012 && holds === said! >= least;
	},
	'rule.palette': (words, { rule, scale, holds }) => {
		const { palette, within } = rule as OfRule<'uses-palette'>;
		const off = scale.parents.map((parent) => Math.min(...palette.map((code) => apart(parent, code))));
		return holds === off.every((each) => each <= within) && off.some((each) => says(numbersIn(words)[0]!, each, '0.0'));
	}
};
