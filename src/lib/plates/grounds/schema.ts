import { z } from 'zod';
import { JUDGED_ROUNDS } from '$lib/core/matching/judging';
import { FIGURE_FORMS } from '$lib/drawing/figure';
import { colourSourceSchema } from '$lib/model/colour-text';
import { idSchema } from '$lib/model/ids';
import { lineSchema } from '$lib/model/line';
import { contrastSeriesSchema } from '$lib/model/own-contrast';
import { scaleSchema } from '$lib/plates/scales/scale';
import { keptPaletteSchema } from '$lib/model/palette';

/** What a plate of grounds is about. */
export const GROUND_EXERCISES = [
	'one-as-two',
	'two-as-one',
	'like-ground',
	'rows',
	'edges',
	'assimilation',
	'after-image',
	'judging',
	'own-contrast'
] as const;
export type GroundExercise = (typeof GROUND_EXERCISES)[number];

/** Figures on two grounds, with their proofs and their prediction. */
const PAIRED: ReadonlySet<GroundExercise> = new Set(['one-as-two', 'two-as-one', 'like-ground']);
export const isPaired = (exercise: GroundExercise): boolean => PAIRED.has(exercise);

/** Two grounds that touch and fill the plate, or a square or disc for each. */
export const GROUND_FORMS = ['fields', 'squares', 'circles'] as const;
export type GroundForm = (typeof GROUND_FORMS)[number];
export const LARGEST_GROUND = 1;

/** What a row of grounds runs through. */
export const GROUND_ROWS = ['values', 'hues', 'chroma', 'palette'] as const;
export type GroundRow = (typeof GROUND_ROWS)[number];
export const LEAST_GROUNDS = 3;
export const MOST_GROUNDS = 12;

/** Figures on grounds. What another exercise leaves aside is kept. */
export const groundsPlateSchema = z.strictObject({
	id: idSchema,
	kind: z.literal('grounds'),
	title: lineSchema,
	exercise: z.enum(GROUND_EXERCISES),
	grounds: z.tuple([colourSourceSchema, colourSourceSchema]),
	/** The figure on the first ground, and the one on the second where an exercise has two. */
	figures: z.tuple([colourSourceSchema, colourSourceSchema]),
	form: z.enum(FIGURE_FORMS),
	groundForm: z.enum(GROUND_FORMS).optional(),
	/** Of a square or disc, as a share of its half of the plate. */
	groundSize: z.number().min(0.3).max(LARGEST_GROUND).optional(),
	/** Of a figure, as a share of its ground. */
	size: z.number().min(0.08).max(0.8),
	/** How a ground works on a figure in the model: −1 full contrast, 0 nothing, 1 full assimilation. */
	influence: z.number().min(-1).max(1),
	predicted: z.boolean(),
	/** A bar of the figure's colour across both grounds; a cover over the grounds; the solution beside the attempt. */
	strip: z.boolean(),
	cover: z.boolean(),
	solved: z.boolean(),
	row: z.enum(GROUND_ROWS),
	count: z.int().min(LEAST_GROUNDS).max(MOST_GROUNDS),
	palette: keptPaletteSchema.nullable(),
	/** A whole scale in place of the one figure of a row, as it was when it was taken; its linked colours stay linked. */
	scale: scaleSchema.nullable().optional(),
	/** Of judging values: which series, and each answer, the first (0) or the second (1). */
	judged: z
		.strictObject({
			series: z.int().min(0).max(1_000_000),
			answers: z.array(z.union([z.literal(0), z.literal(1)])).max(JUDGED_ROUNDS)
		})
		.optional(),
	/** Of one's own contrast: the series of matches. */
	contrast: contrastSeriesSchema.optional(),
	/** Width of the finest lines of a pattern, in plate units. */
	line: z.number().min(1).max(30)
});
export type GroundsPlate = z.infer<typeof groundsPlateSchema>;
