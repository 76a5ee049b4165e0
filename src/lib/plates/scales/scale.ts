import { z } from 'zod';
import { METHODS } from '$lib/core/scale/mixing';
import { RECIPES } from '$lib/core/scale/recipe';
import { ROUTES } from '$lib/core/scale/route';
import { MOST_BETWEEN } from '$lib/core/scale/scale';
import { SPACINGS } from '$lib/core/scale/spacing';
import { DULLINGS, TURNINGS } from '$lib/core/scale/spec';
import { WHEELS } from '$lib/core/scheme/wheel';
import { colourSourceSchema } from '$lib/model/colour-text';
import { idSchema } from '$lib/model/ids';
import { lineSchema } from '$lib/model/line';
import { scaleLookSchema } from './look';

export const LEAST_PARENTS = 2;
export const MOST_PARENTS = 12;

/** A step set by hand, by its number from 0; the ends cannot be. */
const pinSchema = z.strictObject({ step: z.int().min(1).max(MOST_BETWEEN), colour: colourSourceSchema });
export type PinDecision = z.infer<typeof pinSchema>;

const rising = (numbers: readonly number[]): boolean => numbers.every((at, i) => i === 0 || at > numbers[i - 1]!);

/**
 * A scale as people decide it. It always keeps two parents or more, so that changing the recipe there and back loses
 * nothing; a recipe of fewer leaves the others aside. The same goes for all that only some recipes or spacings ask for.
 */
const todaysSchema = z.strictObject({
	id: idSchema,
	recipe: z.enum(RECIPES),
	parents: z.array(colourSourceSchema).min(LEAST_PARENTS).max(MOST_PARENTS),
	between: z.int().min(0).max(MOST_BETWEEN),
	method: z.enum(METHODS),
	spacing: z.enum(SPACINGS),
	/** Of round methods and hue steps. */
	route: z.enum(ROUTES).optional(),
	/** Value L* of the end grey of rising and falling tones; what lies on the wrong side of the parent is drawn to it. */
	endValue: z.number().min(0).max(100).optional(),
	/** The wheel on which dulling finds the complement. */
	wheel: z.enum(WHEELS).optional(),
	/** Dulling as far as the neutral, instead of through it to the complement. */
	oneWay: z.boolean().optional(),
	/** How dulling goes to the complement; as the method mixes the two, where a row was stored before there was the choice. */
	dulling: z.enum(DULLINGS).optional(),
	/** How strong hue steps are; at the first parent's value and chroma, where a row was stored before there was the choice. */
	turning: z.enum(TURNINGS).optional(),
	/** Where the parent of value steps stands. */
	parentPlace: z.enum(['value', 'middle']).optional(),
	/** Places of the inner parents of a path, 0–1, rising; evenly spread where there are none. */
	places: z
		.array(z.number().gt(0).lt(1))
		.max(MOST_PARENTS - LEAST_PARENTS)
		.refine(rising, 'places that rise from one parent to the next')
		.optional(),
	/** Of spacing along a curve, −1 to 1. */
	bias: z.number().min(-1).max(1).optional(),
	pins: z
		.array(pinSchema)
		.max(MOST_BETWEEN)
		.refine((pins) => new Set(pins.map(({ step }) => step)).size === pins.length, 'one pin for a step')
		.optional(),
	look: scaleLookSchema.optional(),
	/** What its maker calls it, in place of the recipe's name. */
	label: lineSchema.min(1).optional()
});
export type ScaleDecision = z.infer<typeof todaysSchema>;

/** A scale as it was stored, in today's shape: hue steps at the greatest chroma once had a field of their own. */
function broughtOver(stored: unknown): unknown {
	if (typeof stored !== 'object' || stored === null || !('greatestChroma' in stored)) return stored;
	const { greatestChroma, ...others } = stored;
	if (typeof greatestChroma !== 'boolean') return stored;
	return greatestChroma ? { ...others, turning: 'greatest' } : others;
}

export const scaleSchema = z.preprocess(broughtOver, todaysSchema) as unknown as z.ZodType<ScaleDecision>;

/** Whether its steps are mixed by a method: hue steps hold value and chroma, so there is nothing to mix unless a step is pinned. */
export const isMixed = ({ recipe, pins }: Pick<ScaleDecision, 'recipe' | 'pins'>): boolean =>
	recipe !== 'hue-steps' || (pins ?? []).length > 0;
