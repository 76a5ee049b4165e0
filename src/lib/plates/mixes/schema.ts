import { z } from 'zod';
import { WAYS } from '$lib/core/mix/ways';
import { METHODS } from '$lib/core/scale/mixing';
import { colourSourceSchema } from '$lib/model/colour-text';
import { idSchema } from '$lib/model/ids';
import { lineSchema } from '$lib/model/line';

/** What a plate of mixes is about: ways of mixing, the middle mixture, halving, overlaps, the optical mix, areas in balance. */
export const MIX_EXERCISES = ['ways', 'middle', 'halving', 'overlap', 'optical', 'balance'] as const;
export type MixExercise = (typeof MIX_EXERCISES)[number];

export const LEAST_MIXED = 2;
export const MOST_MIXED = 6;
export const MOST_PARTS = 20;
export const MOST_LEVELS = 5;
export const MOST_STROKES = 12;
export const OVERLAP_FIGURES = ['bars', 'squares', 'circles', 'leaves'] as const;
export type OverlapFigure = (typeof OVERLAP_FIGURES)[number];
export const OPTICAL_PATTERNS = ['stripes', 'checks', 'dots'] as const;
export type OpticalPattern = (typeof OPTICAL_PATTERNS)[number];

export const BALANCE_FORMS = ['bars', 'blanket'] as const;
export type BalanceForm = (typeof BALANCE_FORMS)[number];

/** A parent of a mix and how many parts of it there are. */
const mixedSchema = z.strictObject({ colour: colourSourceSchema, parts: z.number().min(0).max(MOST_PARTS) });

/** Mixes of two to six parents. What another exercise leaves aside is kept. */
export const mixesPlateSchema = z.strictObject({
	id: idSchema,
	kind: z.literal('mixes'),
	title: lineSchema,
	exercise: z.enum(MIX_EXERCISES),
	parents: z
		.array(mixedSchema)
		.min(LEAST_MIXED)
		.max(MOST_MIXED)
		.refine((parents) => parents.some(({ parts }) => parts > 0), 'parts of at least one parent'),
	/** The way that counts as the mix. */
	way: z.enum(WAYS),
	/** Of the middle mixture: −1 at the first parent, 0 midway, 1 at the second. */
	lean: z.number().min(-1).max(1),
	/** The middle as found by eye, and whether the true one is shown. */
	guess: colourSourceSchema.nullable(),
	revealed: z.boolean(),
	levels: z.int().min(1).max(MOST_LEVELS),
	method: z.enum(METHODS),
	/** Strokes of the second parent over the first: how much each covers, and how many. */
	strength: z.number().min(0.02).max(0.95),
	strokes: z.int().min(1).max(MOST_STROKES),
	figure: z.enum(OVERLAP_FIGURES),
	/** Of overlaps: −1 the first figure in front, 0 level, 1 the second. */
	front: z.number().min(-1).max(1),
	/** Crossings set by hand, one for each two neighbours; null follows the slider. */
	crossings: z.array(colourSourceSchema.nullable()).length(MOST_MIXED - 1),
	/** Areas in balance as bars, or as the fields of a blanket. */
	laid: z.enum(BALANCE_FORMS).optional(),
	pattern: z.enum(OPTICAL_PATTERNS),
	/** Width of a stripe, a check or a dot's field, in plate units. */
	grain: z.number().min(1.5).max(40)
});
export type MixesPlate = z.infer<typeof mixesPlateSchema>;
