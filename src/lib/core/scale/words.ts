import { type Wheel } from '../scheme/wheel';
import { type Method } from './mixing';
import { type Recipe } from './recipe';
import { type Route } from './route';
import { type Spacing } from './spacing';
import { type Dulling, type ScaleSpec, type Turning } from './spec';

/** What people read for each decision about a scale; `teaches` is the one sentence of theory beside it. */
export const RECIPE_WORDS: Readonly<Record<Recipe, { name: string; end: string | null; teaches: string }>> = {
	tints: {
		name: 'Tints',
		end: 'white',
		teaches: 'A parent on its way to white. Dark hues show the way more plainly than light ones.'
	},
	shades: {
		name: 'Shades',
		end: 'black',
		teaches: 'A parent on its way to black. Light hues change their character most: yellow soon looks green.'
	},
	'tones-rising': {
		name: 'Tones, rising',
		end: 'a lighter grey',
		teaches: 'A parent on its way to a grey lighter than itself: chroma falls as value rises.'
	},
	'tones-level': {
		name: 'Tones, level',
		end: 'its own grey',
		teaches: 'A parent on its way to the grey of its own value: only the chroma falls.'
	},
	'tones-falling': {
		name: 'Tones, falling',
		end: 'a darker grey',
		teaches: 'A parent on its way to a grey darker than itself: chroma and value fall together.'
	},
	dulling: {
		name: 'Dulling',
		end: 'its complement',
		teaches: 'A parent on its way to its complement, through the neutral that lies half way between them.'
	},
	'hue-steps': {
		name: 'Hue steps',
		end: null,
		teaches: 'One hue turned into another, each at its purest; value goes with the hue.'
	},
	'value-steps': {
		name: 'Value steps',
		end: 'black',
		teaches: 'White to black through a parent, whose place shows how light it is.'
	},
	interval: {
		name: 'Interval',
		end: null,
		teaches: 'The colours between two parents. Each holds a share of both, so they belong together.'
	},
	path: {
		name: 'Path',
		end: null,
		teaches: 'Several parents in order, and the colours between each two.'
	}
};

/** What of a scale decides how it is said in words. */
type Said = Pick<ScaleSpec, 'recipe' | 'oneWay' | 'dulling' | 'turning' | 'parentPlace'>;

/** What a scale ends in, where that is no parent: "white", "its complement". */
export function endWords({ recipe, oneWay = false, dulling = 'neutral' }: Said): string | null {
	if (recipe !== 'dulling' || !oneWay) return RECIPE_WORDS[recipe].end;
	return dulling === 'neutral' ? 'the neutral between it and its complement' : 'the quietest mix with its complement';
}

/** The one sentence of theory that is true of this very scale. */
export function teachingOf({
	recipe,
	oneWay = false,
	dulling = 'neutral',
	turning = 'purest',
	parentPlace
}: Said): string {
	if (recipe === 'dulling' && dulling === 'mixed')
		return 'A parent mixed with its complement: how far the two put each other out depends on wheel and mixing.';
	if (recipe === 'dulling' && oneWay) return 'A parent on its way to the neutral between it and its complement.';
	if (recipe === 'hue-steps' && turning === 'held')
		return 'One hue turned into another at one value and one chroma, as far as the screen has it.';
	if (recipe === 'hue-steps' && turning === 'greatest')
		return 'One hue turned into another at one value, each at the greatest chroma that it has there.';
	if (recipe === 'value-steps' && parentPlace === 'middle')
		return 'White to black through a parent that stands in the middle, whatever its value.';
	return RECIPE_WORDS[recipe].teaches;
}

/** What each turning of hue steps is called. */
export const TURNING_WORDS: Readonly<Record<Turning, string>> = {
	purest: 'each hue at its purest',
	greatest: 'at one value, the greatest chroma',
	held: 'at one value and chroma'
};

/** How dulling goes to the complement. */
export const DULLING_WORDS: Readonly<Record<Dulling, string>> = {
	neutral: 'through the neutral',
	mixed: 'as the method mixes them'
};

/** "the shorter way" */
export const ROUTE_WORDS: Readonly<Record<Route, string>> = {
	shorter: 'the shorter way',
	longer: 'the longer way',
	rising: 'with rising hue',
	falling: 'with falling hue'
};

/** "painter’s wheel" */
export const WHEEL_WORDS: Readonly<Record<Wheel, string>> = {
	painter: 'painter’s wheel',
	light: 'light wheel',
	perceptual: 'perceptual wheel'
};

/** What each way of mixing is called, as it stands in a sentence, and what it does. */
export const METHOD_WORDS: Readonly<Record<Method, { name: string; says: string }>> = {
	oklab: { name: 'in OKLab', says: 'Mixed as the eye reckons: middles look like middles.' },
	lab: { name: 'in Lab', says: 'Mixed in CIE Lab, the measure of printers and dyers; blues lean to violet.' },
	light: {
		name: 'by light',
		says: 'Mixed as coloured lights add up: middles come out lighter than by the screen’s codes.'
	},
	screen: {
		name: 'on screen',
		says: 'Mixed as most drawing programs do, by the screen’s codes: middles can turn dark and dull.'
	},
	oklch: { name: 'round the wheel, OKLCH', says: 'Hue turns, lightness and chroma go straight: no dull middle.' },
	lch: { name: 'round the wheel, LCh', says: 'Hue turns in CIE LCh; lightness and chroma go straight.' },
	hsb: { name: 'round the wheel, HSB', says: 'Hue turns on the light wheel: strong middles of uneven value.' },
	paint: {
		name: 'as paint',
		says: 'Stirred as pigments are: yellow and blue give a green, and mixes are darker than by light.'
	}
};

/** What each spacing is called, and what it does. */
export const SPACING_WORDS: Readonly<Record<Spacing, { name: string; says: string }>> = {
	shares: { name: 'equal shares', says: 'Each step takes an equal share more of the end.' },
	differences: { name: 'equal differences', says: 'Each step looks as far from the next as any other.' },
	doubling: { name: 'doubling', says: 'Each step adds as much of the end as all before it together.' },
	curve: { name: 'along a curve', says: 'Steps crowd towards one end, as far as the curve is bent.' }
};
