import { type GroundForm, type GroundExercise, type GroundRow } from '../schema';
import { type FigureForm } from '$lib/drawing/figure';
import { type GroundSearch } from '$lib/core/ground/propose';

/** What people read for each exercise on a plate of grounds. */
export const GROUND_WORDS: Readonly<Record<GroundExercise, { name: string; says: string }>> = {
	'one-as-two': {
		name: 'One as two',
		says: 'One colour on two grounds looks like two: each ground pushes it away from itself.'
	},
	'two-as-one': {
		name: 'Two as one',
		says: 'Two colours, each on its ground, that look the same. Set the second by eye, then see the solution.'
	},
	'like-ground': {
		name: 'Like its ground',
		says: 'One colour between two grounds that on each looks like the other ground.'
	},
	rows: { name: 'Rows of grounds', says: 'One colour over a row of grounds, and what it seems to become on each.' },
	edges: { name: 'Edges', says: 'A border that nearly disappears, or one that flickers.' },
	assimilation: {
		name: 'Assimilation',
		says: 'In fine lines colours draw together; as the lines grow broader they part and contrast.'
	},
	'after-image': {
		name: 'After-image',
		says: 'Look long at the cross; then, on a neutral field, the opposite colour appears by itself.'
	},
	judging: {
		name: 'Which is lighter?',
		says: 'Value judged by eye across unlike hues: twelve pairs, each harder than the one before.'
	},
	'own-contrast': {
		name: 'My own contrast',
		says: 'Twelve matches by your own eye say how strongly a ground works on a figure for you, on this screen.'
	}
};

export const FORM_WORDS: Readonly<Record<FigureForm, string>> = {
	squares: 'squares',
	circles: 'circles',
	bars: 'bars',
	leaves: 'leaves'
};

export const GROUND_FORM_WORDS: Readonly<Record<GroundForm, string>> = {
	fields: 'fields that touch',
	squares: 'squares',
	circles: 'discs'
};

export const ROW_WORDS: Readonly<Record<GroundRow, string>> = {
	values: 'a ladder of values',
	hues: 'a ring of hues',
	chroma: 'rising chroma',
	palette: 'a palette'
};

export const SEARCH_WORDS: Readonly<Record<GroundSearch, string>> = {
	free: 'among all colours',
	high: 'in high key',
	low: 'in low key',
	palette: 'in the linked colours'
};
