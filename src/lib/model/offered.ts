import { type Method } from '$lib/core/scale/mixing';
import { type Recipe } from '$lib/core/scale/recipe';
import { type Spacing } from '$lib/core/scale/spacing';

// What the scales plate offers so far. The core knows more recipes, methods and spacings; each comes here with its controls.
export const OFFERED_RECIPES = ['tints', 'shades', 'tones-level', 'interval'] as const satisfies readonly Recipe[];
export const OFFERED_METHODS = ['oklab', 'light', 'screen'] as const satisfies readonly Method[];
export const OFFERED_SPACINGS = ['shares', 'differences'] as const satisfies readonly Spacing[];
