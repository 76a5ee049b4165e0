import { type Wheel } from '../scheme/wheel';
import { type Method } from './mixing';
import { type Recipe } from './recipe';
import { type Route } from './route';
import { type Spacing } from './spacing';

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
		teaches: 'A parent mixed with its complement: in the middle the two put each other out, near a neutral.'
	},
	'hue-steps': {
		name: 'Hue steps',
		end: null,
		teaches: 'One hue turned into another while value stays: only the hue changes.'
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

/** What a scale ends in, where that is no parent: "white", "its complement". */
export function endWords(recipe: Recipe, oneWay = false): string | null {
	return recipe === 'dulling' && oneWay ? 'a neutral' : RECIPE_WORDS[recipe].end;
}

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
	light: { name: 'by light', says: 'Mixed as coloured lights add up: middles are lighter than they look on screen.' },
	screen: {
		name: 'on screen',
		says: 'Mixed as most drawing programs do, by the screen’s codes: middles can turn dark and dull.'
	},
	oklch: { name: 'round the wheel, OKLCH', says: 'Hue turns, lightness and chroma go straight: no dull middle.' },
	lch: { name: 'round the wheel, LCh', says: 'Hue turns in CIE LCh; lightness and chroma go straight.' },
	hsb: { name: 'round the wheel, HSB', says: 'Hue turns on the light wheel: strong middles of uneven value.' },
	paint: {
		name: 'as paint',
		says: 'Stirred as pigments are: yellow and blue give a green, and mixes are darker than light.'
	}
};

/** What each spacing is called, and what it does. */
export const SPACING_WORDS: Readonly<Record<Spacing, { name: string; says: string }>> = {
	shares: { name: 'equal shares', says: 'Each step takes an equal share more of the end.' },
	differences: { name: 'equal differences', says: 'Each step looks as far from the next as any other.' },
	doubling: { name: 'doubling', says: 'Each step adds as much of the end as all before it together.' },
	curve: { name: 'along a curve', says: 'Steps crowd towards one end, as far as the curve is bent.' }
};
