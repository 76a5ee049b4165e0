import { type Form, type ScaleLook } from '../look';
import { column } from './column';
import { nested } from './nested';
import { type FormPlaces } from './place';
import { type Box } from '$lib/drawing/box';
import { ring } from './ring';
import { bars, blocks, changing, gaps } from './rows';

/** How each form places so many steps in a box. */
export const FORM_PLACES: Readonly<Record<Form, (count: number, box: Box) => FormPlaces>> = {
	bars,
	gaps,
	blocks,
	column,
	changing,
	squares: (count, box) => nested(count, box, false),
	circles: (count, box) => nested(count, box, true),
	ring
};

/** The places of a scale's steps by its look: turned, the last step has the first place. */
export function placeSteps({ form, turned }: ScaleLook, count: number, box: Box): FormPlaces {
	const places = FORM_PLACES[form](count, box);
	return turned ? { ...places, steps: [...places.steps].reverse() } : places;
}

/** Forms that want height: columns, figures in each other, and rings. */
export const TALL_FORMS: ReadonlySet<Form> = new Set<Form>(['column', 'squares', 'circles', 'ring']);

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
