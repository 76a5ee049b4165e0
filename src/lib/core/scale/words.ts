import { type Method } from './path';
import { type Recipe } from './recipe';
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
	'tones-level': {
		name: 'Tones, level',
		end: 'its own grey',
		teaches: 'A parent on its way to the grey of its own value: only the chroma falls.'
	},
	interval: {
		name: 'Interval',
		end: null,
		teaches: 'The colours between two parents. Each holds a share of both, so they belong together.'
	}
};

export const METHOD_WORDS: Readonly<Record<Method, { name: string; says: string }>> = {
	oklab: { name: 'in OKLab', says: 'Mixed as the eye reckons: middles look like middles.' },
	light: { name: 'by light', says: 'Mixed as coloured lights add up: middles are lighter than they look on screen.' },
	screen: {
		name: 'on screen',
		says: 'Mixed as most drawing programs do, by the screen’s codes: middles can turn dark and dull.'
	}
};

export const SPACING_WORDS: Readonly<Record<Spacing, { name: string; says: string }>> = {
	shares: { name: 'equal shares', says: 'Each step takes the same share more of the end.' },
	differences: { name: 'equal differences', says: 'Each step looks as far from the next as any other.' }
};
