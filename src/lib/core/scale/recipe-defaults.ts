import { HUE_PLACE, type Method } from './mixing';
import { type Recipe } from './recipe';
import { type Spacing } from './spacing';
import { type Dulling, type ScaleSpec, type Turning } from './spec';

/** How the steps of a recipe are spaced unless somebody decides otherwise: by equal shares, its dark end would crowd. */
export const SPACING_OF: Readonly<Record<Recipe, Spacing>> = {
	tints: 'differences',
	shades: 'differences',
	'tones-rising': 'shares',
	'tones-level': 'shares',
	'tones-falling': 'shares',
	dulling: 'shares',
	'hue-steps': 'differences',
	'value-steps': 'differences',
	interval: 'shares',
	path: 'shares'
};

/** Recipes between two colours that both have a hue; only these can be mixed round the wheel. */
const BETWEEN_HUES: ReadonlySet<Recipe> = new Set(['interval', 'path', 'hue-steps']);

/** Whether a recipe can be mixed by a method with any sense: no grey, white or black lies round the wheel. */
export const sensible = (recipe: Recipe, method: Method): boolean => HUE_PLACE[method] < 0 || BETWEEN_HUES.has(recipe);

/** What a recipe decides of a scale, as far as it does not leave it as it was. */
export interface RecipeDecisions extends Pick<ScaleSpec, 'recipe' | 'method' | 'spacing'> {
	readonly dulling?: Dulling | undefined;
	readonly turning?: Turning | undefined;
}

/**
 * A scale begun by a recipe, or changed to it: its own spacing unless the scale had one of its own choosing, the mixing method unless
 * that would be nonsense, and dulling and hue steps as they are meant.
 */
export function begunAs(
	recipe: Recipe,
	from: Omit<RecipeDecisions, 'recipe'> & { readonly recipe: Recipe | null }
): RecipeDecisions {
	const chosen = from.recipe !== null && from.spacing !== SPACING_OF[from.recipe];
	return {
		recipe,
		method: sensible(recipe, from.method) ? from.method : 'oklab',
		spacing: chosen ? from.spacing : SPACING_OF[recipe],
		dulling: from.dulling ?? (recipe === 'dulling' ? 'neutral' : undefined),
		turning: from.turning ?? (recipe === 'hue-steps' ? 'purest' : undefined)
	};
}
