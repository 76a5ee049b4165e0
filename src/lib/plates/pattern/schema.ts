import { z } from 'zod';
import { GRIDS, LEAST_COLUMNS, MOST_COLUMNS } from '$lib/core/pattern/grid';
import { LIGHTS } from '$lib/core/pattern/boxes';
import { MIRRORS, TURNS } from '$lib/core/pattern/symmetry';
import { colourSourceSchema, colourTextSchema } from '$lib/model/colour-text';
import { idSchema } from '$lib/model/ids';
import { drawnSchema } from '$lib/model/drawn';
import { lineSchema } from '$lib/model/line';
import { plateFields } from '$lib/model/plate-fields';
import { checksOf, colourDemandSchemas } from '../checks-by';
import { CELLS_TEXT, MOST_CELLS, MOST_COLOURS } from './cells-text';
import { SHIPPED_DRAWINGS } from './drawings/names';

export { MOST_CELLS, MOST_COLOURS };

/** How broad bands are beside each other. */
const bandsSchema = z.array(z.number().min(0.1).max(100)).min(1).max(MOST_COLUMNS);
export const LEAST_BAND = 0.1;
export const MOST_BAND = 100;

const gridSchema = z.strictObject({
	kind: z.enum(GRIDS),
	columns: z.int().min(LEAST_COLUMNS).max(MOST_COLUMNS),
	/** Cells fill the whole height; otherwise they keep their shape. */
	stretched: z.boolean(),
	bands: z.strictObject({ across: bandsSchema, down: bandsSchema })
});
export type GridDecision = z.infer<typeof gridSchema>;

const drawingSchema = z.union([z.strictObject({ shipped: z.enum(SHIPPED_DRAWINGS) }), drawnSchema]);
export type DrawingDecision = z.infer<typeof drawingSchema>;

const colourSchema = z.strictObject({
	id: idSchema,
	source: colourSourceSchema,
	/** It stands apart from the others, which are laid as a row. */
	accent: z.literal(true).optional()
});
export type PatternColour = z.infer<typeof colourSchema>;

/** Other colours for the same design, one for each of its own. */
const climateSchema = z.strictObject({
	id: idSchema,
	name: lineSchema,
	colours: z.array(colourSourceSchema).min(1).max(MOST_COLOURS)
});
export type Climate = z.infer<typeof climateSchema>;
/** Beside the design as it is. */
export const MOST_CLIMATES = 5;

const share = z.number().min(0).max(1);
const difference = z.number().min(0).max(100);
/** What a design can be asked to meet, as `PatternRule` and `ColourDemand` of the core have it. */
const patternRuleSchema = z.discriminatedUnion('rule', [
	z.strictObject({ rule: z.literal('uses-all') }),
	z.strictObject({ rule: z.literal('at-most'), most: z.int().min(1).max(MOST_COLOURS) }),
	z.strictObject({ rule: z.literal('each-share'), least: share }),
	z.strictObject({ rule: z.literal('told-apart'), least: difference }),
	z.strictObject({
		rule: z.literal('palette-only'),
		palette: z.array(colourTextSchema).min(1).max(60).readonly(),
		within: difference
	}),
	...colourDemandSchemas
]);

export const MOST_SEED = 999_999;

/** A design of cells on a grid, or of the regions of a drawing, filled with colours. What another choice leaves aside is kept. */
export const patternPlateSchema = z.strictObject({
	...plateFields,
	kind: z.literal('pattern'),
	grid: gridSchema,
	/** Regions in place of a grid. */
	drawing: drawingSchema.optional(),
	colours: z.array(colourSchema).min(1).max(MOST_COLOURS),
	/** A letter for each cell. */
	cells: z.string().max(MOST_CELLS).regex(CELLS_TEXT, 'a letter or a point for each cell'),
	/** What is the same again while it is filled. */
	symmetry: z.strictObject({
		across: z.int().min(0).max(MOST_COLUMNS),
		down: z.int().min(0).max(MOST_COLUMNS),
		mirror: z.enum(MIRRORS),
		turns: z.literal(TURNS)
	}),
	boxes: z.strictObject({
		light: z
			.int()
			.min(0)
			.max(LIGHTS - 1),
		apart: z.boolean()
	}),
	/** What is laid at random begins with it. */
	seed: z.int().min(0).max(MOST_SEED),
	/** Whether the grid is seen while working. */
	line: z.boolean(),
	/** What is taken away: neighbours of one colour as one outline, or each cell by itself. */
	taken: z.enum(['joined', 'cells']),
	checks: checksOf(patternRuleSchema),
	shows: z.enum(['design', 'climates']),
	climates: z.array(climateSchema).max(MOST_CLIMATES),
	/** Whether the climates are seen with the shares exchanged. */
	exchanged: z.boolean()
});
export type PatternPlate = z.infer<typeof patternPlateSchema>;
