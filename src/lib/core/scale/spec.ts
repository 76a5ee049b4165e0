import { type Colour } from '../colour/colour';
import { type Wheel } from '../scheme/wheel';
import { type Method } from './mixing';
import { type Recipe } from './recipe';
import { type Route } from './route';
import { type Spacing } from './spacing';

/** Dulling through the neutral that lies between a colour and its complement, or as the mixing method happens to mix the two. */
export const DULLINGS = ['neutral', 'mixed'] as const;
export type Dulling = (typeof DULLINGS)[number];

/**
 * Hue steps with each hue at its purest, whatever its value; or all at the first parent's value, at the greatest chroma that each hue
 * has there or at the first parent's chroma.
 */
export const TURNINGS = ['purest', 'greatest', 'held'] as const;
export type Turning = (typeof TURNINGS)[number];

/** What decides a scale. Everything else follows from these. */
export interface ScaleSpec {
	readonly recipe: Recipe;
	/** At least as many as the recipe uses. */
	readonly parents: readonly Colour[];
	/** Steps that are neither ends nor counted with them: a whole number, 0 to 48. */
	readonly between: number;
	readonly method: Method;
	readonly spacing: Spacing;
	/** Of round methods and hue steps; the shorter where not given. */
	readonly route?: Route;
	/** Value L* of the end grey of rising and falling tones. */
	readonly endValue?: number;
	/** The wheel on which dulling finds the complement; the painter's where not given. */
	readonly wheel?: Wheel;
	/** Dulling as far as the neutral on the way, instead of through it to the complement. */
	readonly oneWay?: boolean;
	/** How dulling goes from the parent to its complement; through the neutral where not given. */
	readonly dulling?: Dulling;
	/** How strong hue steps are; each hue at its purest where not given. */
	readonly turning?: Turning;
	/** Where the parent of value steps stands: where its own value falls, or in the middle. */
	readonly parentPlace?: 'value' | 'middle';
	/** Places 0–1 of the inner parents of a path, rising. */
	readonly places?: readonly number[];
	/** Of the curve: −1 to 1. */
	readonly bias?: number;
	/** Steps set by hand, by their number from 0; the ends cannot be pinned. */
	readonly pins?: readonly { readonly step: number; readonly colour: Colour }[];
}
