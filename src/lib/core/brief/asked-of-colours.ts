import { toLinear } from '../colour/colour';
import { readColour } from '../colour/read';
import { valueOf } from '../colour/value-of';
import { type Triple } from '../colour/vector';
import { differenceOfLinear } from '../difference/lab-of-linear';
import { besideLimit } from '../say-number';
import { nearestOf } from '../scheme/nearest';
import { temperature } from '../scheme/temperature';
import { type SentenceKey } from '../sentence-keys';
import { limit, span, type RuleBook } from './rule-book';
import { HIGH_KEY, LOW_KEY, type Verdict } from './rules';

/** What a brief can ask of the colours of a plate, whatever is on it. */
export type ColourDemand =
	/** So many different colours. */
	| { readonly rule: 'colours'; readonly least: number; readonly most: number }
	/** Any two of them differ by so many ΔE00. */
	| { readonly rule: 'all-apart'; readonly least: number }
	/** From the darkest to the lightest so many L*. */
	| { readonly rule: 'value-range'; readonly least: number }
	/** All values within so many L*. */
	| { readonly rule: 'one-value'; readonly within: number }
	/** High: every colour at least this light (L*); low: every colour at most this light. */
	| { readonly rule: 'all-key'; readonly is: 'high' | 'low'; readonly limit: number }
	/** All warm, all cool, or at least one of each; greys are neither. */
	| { readonly rule: 'all-temperature'; readonly is: 'warm' | 'cool' | 'both' }
	/** Every colour within so many ΔE00 of one of the palette (CSS texts). */
	| { readonly rule: 'of-palette'; readonly palette: readonly string[]; readonly within: number };

export const COLOUR_DEMANDS = [
	'colours',
	'all-apart',
	'value-range',
	'one-value',
	'all-key',
	'all-temperature',
	'of-palette'
] as const satisfies readonly ColourDemand['rule'][];

/** Whether a rule asks something of colours, whatever they are on. */
export const isColourDemand = (rule: { readonly rule: string }): rule is ColourDemand =>
	(COLOUR_DEMANDS as readonly string[]).includes(rule.rule);

/** A colour of a plate with what it is called there; linear sRGB. */
export interface NamedLinear {
	readonly name: string;
	readonly linear: Triple;
}

/** The colours of a plate. */
export interface MadeColours {
	readonly colours: readonly NamedLinear[];
}

/** As many as are told in a list of colours. */
export const MOST_ASKED = 60;
const MOST_VALUE = 100;
/** Two codes nearer than this (ΔE00) are one colour, by the rounding of codes. */
const ONE_COLOUR = 0.3;

const verdict = (key: SentenceKey, holds: boolean, reason: string): Verdict => ({ holds, key, reason, step: null });
const called = ({ name }: NamedLinear): string => `“${name}”`;

/** The colours that differ from each other. */
const different = (colours: readonly NamedLinear[]): NamedLinear[] =>
	colours.reduce<NamedLinear[]>(
		(found, each) =>
			found.some(({ linear }) => differenceOfLinear(linear, each.linear) < ONE_COLOUR) ? found : [...found, each],
		[]
	);

function judgeApart(colours: readonly NamedLinear[], least: number): Verdict {
	let nearest: { apart: number; one: NamedLinear; other: NamedLinear } | null = null;
	colours.forEach((one, i) =>
		colours.slice(i + 1).forEach((other) => {
			const apart = differenceOfLinear(one.linear, other.linear);
			if (!nearest || apart < nearest.apart) nearest = { apart, one, other };
		})
	);
	const found = nearest as { apart: number; one: NamedLinear; other: NamedLinear } | null;
	if (!found) return verdict('rule.missing', false, 'There is only one colour; two are asked.');
	const { apart, one, other } = found;
	const figure = besideLimit(apart, least, 1);
	const reason = `${called(one)} and ${called(other)} are the two most alike, ${figure} ΔE00 apart.`;
	return { ...verdict('colours.apart', apart >= least, reason), figure };
}

/** The darkest and the lightest value, L*. */
function valuesOf(colours: readonly NamedLinear[]): [number, number] {
	const values = colours.map(({ linear }) => valueOf(linear));
	return [Math.min(...values), Math.max(...values)];
}

function judgeRange(colours: readonly NamedLinear[], limitOf: { least: number } | { within: number }): Verdict {
	const [darkest, lightest] = valuesOf(colours);
	const range = lightest - darkest;
	if ('least' in limitOf) {
		const figure = besideLimit(range, limitOf.least);
		const words = `From the darkest to the lightest it is ${figure} L*; at least ${limitOf.least} is asked.`;
		return { ...verdict('colours.range', range >= limitOf.least, words), figure };
	}
	const figure = besideLimit(range, limitOf.within, 1);
	const words = `Values differ by ${figure} L*; ${limitOf.within} is allowed.`;
	return { ...verdict('colours.one-value', range <= limitOf.within, words), figure };
}

function judgeKey(
	colours: readonly NamedLinear[],
	{ is, limit: border }: Extract<ColourDemand, { rule: 'all-key' }>
): Verdict {
	const [darkest, lightest] = valuesOf(colours);
	const worst = is === 'high' ? darkest : lightest;
	const holds = is === 'high' ? worst >= border : worst <= border;
	const which = is === 'high' ? 'darkest' : 'lightest';
	const side = is === 'high' ? 'at least' : 'at most';
	const figure = besideLimit(worst, border);
	const reason = `The ${which} colour has value ${figure}; ${side} ${border} is asked of all.`;
	return { ...verdict('colours.key', holds, reason), figure };
}

function judgeTemperature(colours: readonly NamedLinear[], is: 'warm' | 'cool' | 'both'): Verdict {
	const count = (which: 'warm' | 'cool'): number =>
		colours.filter(({ linear }) => temperature(linear) === which).length;
	const [warm, cool] = [count('warm'), count('cool')];
	const holds = is === 'both' ? warm > 0 && cool > 0 : (is === 'warm' ? warm : cool) === colours.length;
	const reason = `Of ${colours.length} ${colours.length === 1 ? 'colour' : 'colours'} ${warm} ${warm === 1 ? 'is' : 'are'} warm, ${cool} cool and ${colours.length - warm - cool} neither.`;
	return verdict('colours.temperature', holds, reason);
}

function judgePalette(
	colours: readonly NamedLinear[],
	{ palette, within }: Extract<ColourDemand, { rule: 'of-palette' }>
): Verdict {
	const from = palette.map((text) => toLinear(readColour(text)));
	const offs = colours.map((each) => ({ each, off: nearestOf(from, each.linear)!.distance }));
	const farthest = offs.reduce((worst, next) => (next.off > worst.off ? next : worst));
	const figure = besideLimit(farthest.off, within, 1);
	const reason = `${called(farthest.each)} is farthest from the palette, ${figure} ΔE00; ${within} is allowed.`;
	return { ...verdict('colours.palette', farthest.off <= within, reason), figure };
}

function judgeColours({ colours }: MadeColours, rule: ColourDemand): Verdict {
	if (colours.length === 0) return verdict('rule.missing', false, 'There are no colours to be judged yet.');
	switch (rule.rule) {
		case 'colours': {
			const count = different(colours).length;
			const asked = rule.least === rule.most ? `${rule.least}` : `${rule.least} to ${rule.most}`;
			const words = `There ${count === 1 ? 'is 1 colour' : `are ${count} different colours`}; ${asked} is asked.`;
			const holds = count >= rule.least && count <= rule.most;
			return { ...verdict('colours.count', holds, words), figure: String(count) };
		}
		case 'all-apart':
			return judgeApart(colours, rule.least);
		case 'value-range':
		case 'one-value':
			return judgeRange(colours, rule);
		case 'all-key':
			return judgeKey(colours, rule);
		case 'all-temperature':
			return judgeTemperature(colours, rule.is);
		case 'of-palette':
			return judgePalette(colours, rule);
	}
}

function wordsOf(rule: ColourDemand): string {
	switch (rule.rule) {
		case 'colours':
			return rule.least === rule.most ? `${rule.least} colours` : `${rule.least} to ${rule.most} colours`;
		case 'all-apart':
			return `Any two ${rule.least} ΔE00 apart or more`;
		case 'value-range':
			return `Dark to light over ${rule.least} L* or more`;
		case 'one-value':
			return `One value, within ${rule.within}`;
		case 'all-key':
			return rule.is === 'high' ? `All light: value ${rule.limit} or more` : `All dark: value ${rule.limit} or less`;
		case 'all-temperature':
			return rule.is === 'both' ? 'Warm beside cool' : `All ${rule.is}`;
		case 'of-palette':
			return 'Colours of a palette only';
	}
}

function limitsOf(rule: ColourDemand) {
	switch (rule.rule) {
		case 'colours':
			return span('Colours', rule, MOST_ASKED, (limits): ColourDemand => ({ ...rule, ...limits }));
		case 'all-apart':
			return [limit('ΔE00, at least', rule.least, [MOST_VALUE, 0.5], (least): ColourDemand => ({ ...rule, least }))];
		case 'value-range':
			return [limit('L*, at least', rule.least, [MOST_VALUE, 1], (least): ColourDemand => ({ ...rule, least }))];
		case 'one-value':
			return [limit('L*, within', rule.within, [MOST_VALUE, 0.5], (within): ColourDemand => ({ ...rule, within }))];
		case 'all-key': {
			const name = rule.is === 'high' ? 'Value, at least' : 'Value, at most';
			return [limit(name, rule.limit, [MOST_VALUE, 1], (border): ColourDemand => ({ ...rule, limit: border }))];
		}
		case 'of-palette':
			return [limit('ΔE00, within', rule.within, [MOST_VALUE, 0.5], (within): ColourDemand => ({ ...rule, within }))];
		case 'all-temperature':
			return [];
	}
}

/** Rules of colours, whatever they are on (limits: common practice, no source). */
export const colourDemands: RuleBook<ColourDemand, MadeColours> = {
	common: [
		{
			about: 'Its colours',
			rules: [
				{
					name: 'Number of colours',
					says: 'Three to seven different colours.',
					rule: { rule: 'colours', least: 3, most: 7 }
				},
				{
					name: 'All told apart',
					says: 'Any two of them differ by 5 ΔE00 or more.',
					rule: { rule: 'all-apart', least: 5 }
				},
				{
					name: 'From dark to light',
					says: 'The darkest and the lightest are 50 L* apart or more.',
					rule: { rule: 'value-range', least: 50 }
				},
				{
					name: 'One value',
					says: 'All values are within 5 L* of each other.',
					rule: { rule: 'one-value', within: 5 }
				},
				{
					name: 'All light',
					says: `No colour is darker than L* ${HIGH_KEY}.`,
					rule: { rule: 'all-key', is: 'high', limit: HIGH_KEY }
				},
				{
					name: 'All dark',
					says: `No colour is lighter than L* ${LOW_KEY}.`,
					rule: { rule: 'all-key', is: 'low', limit: LOW_KEY }
				},
				{
					name: 'Warm beside cool',
					says: 'At least one colour is warm and one cool.',
					rule: { rule: 'all-temperature', is: 'both' }
				},
				{
					name: 'All warm',
					says: 'Every colour lies in the half of the wheel around red.',
					rule: { rule: 'all-temperature', is: 'warm' }
				},
				{
					name: 'All cool',
					says: 'Every colour lies in the half of the wheel around cyan.',
					rule: { rule: 'all-temperature', is: 'cool' }
				}
			]
		}
	],
	words: wordsOf,
	limits: limitsOf,
	judge: judgeColours
};
