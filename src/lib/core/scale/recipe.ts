/** The recipes that a scale can be made by, in the order in which they are taught. */
export const RECIPES = [
	'tints',
	'shades',
	'tones-rising',
	'tones-level',
	'tones-falling',
	'dulling',
	'hue-steps',
	'value-steps',
	'interval',
	'path'
] as const;
export type Recipe = (typeof RECIPES)[number];

/** How many parents a recipe uses at the least and at the most; more that a scale may hold are left aside. */
export const PARENTS_OF: Readonly<Record<Recipe, { readonly least: number; readonly most: number }>> = {
	tints: { least: 1, most: 1 },
	shades: { least: 1, most: 1 },
	'tones-rising': { least: 1, most: 1 },
	'tones-level': { least: 1, most: 1 },
	'tones-falling': { least: 1, most: 1 },
	dulling: { least: 1, most: 1 },
	'hue-steps': { least: 2, most: 2 },
	'value-steps': { least: 1, most: 1 },
	interval: { least: 2, most: 2 },
	path: { least: 2, most: 12 }
};
