import { type Form, type Nest, type ScaleLook } from '../look';
import { column } from './column';
import { nested } from './nested';
import { type FormPlaces } from './place';
import { type Box } from '$lib/drawing/box';
import { ring } from './ring';
import { bars, blocks, changing, gaps } from './rows';

/** How each form places so many steps in a box. */
export const FORM_PLACES: Readonly<Record<Form, (count: number, box: Box, nest?: Nest) => FormPlaces>> = {
	bars,
	gaps,
	blocks,
	column,
	changing,
	squares: (count, box, nest) => nested(count, box, false, nest),
	circles: (count, box, nest) => nested(count, box, true, nest),
	ring
};

/** The places of a scale's steps by its look: turned, the last step has the first place. */
export function placeSteps({ form, turned, nest }: ScaleLook, count: number, box: Box): FormPlaces {
	const places = FORM_PLACES[form](count, box, nest);
	return turned ? { ...places, steps: [...places.steps].reverse() } : places;
}

/** Forms that want height: columns, figures in each other, and rings. */
export const TALL_FORMS: ReadonlySet<Form> = new Set<Form>(['column', 'squares', 'circles', 'ring']);

/** Forms of figures in each other. */
export const NESTED_FORMS: ReadonlySet<Form> = new Set<Form>(['squares', 'circles']);

/** What people read for each form. */
export const FORM_WORDS: Readonly<Record<Form, string>> = {
	bars: 'bars that touch',
	gaps: 'bars with gaps',
	blocks: 'rising blocks',
	column: 'a column, downwards',
	squares: 'squares in each other',
	circles: 'circles in each other',
	changing: 'squares into circles',
	ring: 'a ring'
};
