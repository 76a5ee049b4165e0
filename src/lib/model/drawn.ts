import { z } from 'zod';
import { lineSchema } from './line';

/** A region as SVG path data of straight lines, in units of the drawing. */
const regionSchema = z
	.string()
	.max(60_000)
	.regex(
		/^(?:M\d{1,6}(?:\.\d{1,6})? \d{1,6}(?:\.\d{1,6})?(?:L\d{1,6}(?:\.\d{1,6})? \d{1,6}(?:\.\d{1,6})?){2,}z)+$/,
		'a region of straight lines: M x y L x y … z'
	);

export const MOST_REGIONS = 2000;
/** All regions of a drawing together, in letters. */
export const MOST_DRAWN = 400_000;

/** A drawing that was read in, as the regions that it has, in a box from 0, 0 on. */
export const drawnSchema = z.strictObject({
	name: lineSchema,
	width: z.number().min(1).max(100_000),
	height: z.number().min(1).max(100_000),
	regions: z
		.array(regionSchema)
		.min(1)
		.max(MOST_REGIONS)
		.refine((regions) => regions.reduce((sum, { length }) => sum + length, 0) <= MOST_DRAWN, {
			message: `regions of ${MOST_DRAWN} letters together at most`
		})
});
export type Drawn = z.infer<typeof drawnSchema>;
