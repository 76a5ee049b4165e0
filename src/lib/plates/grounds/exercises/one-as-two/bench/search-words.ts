import { type GroundSearch } from '$lib/core/ground/propose';

/** Where grounds are looked for. */
export const SEARCH_WORDS: Readonly<Record<GroundSearch, string>> = {
	free: 'among all colours',
	high: 'in high key',
	low: 'in low key',
	palette: 'in the linked colours'
};
