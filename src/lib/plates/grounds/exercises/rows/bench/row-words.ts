import { type GroundRow } from '../schema';

export const ROW_WORDS: Readonly<Record<GroundRow, string>> = {
	values: 'a ladder of values',
	hues: 'a ring of hues',
	chroma: 'rising chroma',
	palette: 'a palette'
};
