import { type Triple } from '../colour/vector';
import { luminance } from '../colour/xyz';

/** The recipes that a scale can be made by, in the order in which they are taught. */
export const RECIPES = ['tints', 'shades', 'tones-level', 'interval'] as const;
export type Recipe = (typeof RECIPES)[number];

/** What a recipe needs and where its scale ends. Colours are linear sRGB, 0–1. */
export interface RecipeRule {
	/** How many parents it uses; more that a scale may hold are left aside. */
	readonly parents: 1 | 2;
	/** Whether every step keeps the luminance of the first parent. */
	readonly level: boolean;
	/** The colour at the far end. */
	readonly end: (parents: readonly Triple[]) => Triple;
}

const WHITE: Triple = [1, 1, 1];
const BLACK: Triple = [0, 0, 0];

export const RECIPE_RULES: Readonly<Record<Recipe, RecipeRule>> = {
	tints: { parents: 1, level: false, end: () => WHITE },
	shades: { parents: 1, level: false, end: () => BLACK },
	'tones-level': {
		parents: 1,
		level: true,
		end: ([parent = BLACK]) => {
			const y = luminance(...parent);
			return [y, y, y];
		}
	},
	interval: { parents: 2, level: false, end: ([, second = BLACK]) => second }
};
