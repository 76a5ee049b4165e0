import { z } from 'zod';
import { idSchema } from './ids';
import { lineSchema } from './line';

/** The largest file that is taken in, in bytes. */
export const MOST_OF_PICTURE = 40_000_000;
/** Pixels that a picture may have as it is brought. */
export const MOST_PIXELS = 50_000_000;
/** Pixels that are kept of it: enough for a sheet of A4 at 200 to the inch. */
export const MOST_KEPT = 2_000_000;
/** Pixels that the longer side of what is kept has at the most, however narrow it is. */
export const LONGEST_KEPT = 6000;

/** What of a picture is kept: its pixels stand by this id where the server keeps pictures. */
export const pictureRefSchema = z.strictObject({
	id: idSchema,
	/** In pixels, as it is kept. */
	width: z.int().min(1).max(LONGEST_KEPT),
	height: z.int().min(1).max(LONGEST_KEPT),
	/** What it is called: the name of its file, until somebody writes another. */
	name: lineSchema
});
export type PictureRef = z.infer<typeof pictureRefSchema>;

/** What the server answers when it has taken a picture in. */
export const takenInSchema = z.strictObject({
	id: idSchema,
	width: z.int(),
	height: z.int(),
	/** What became of it on its way, in sentences; none where it is kept as it came. */
	says: z.array(z.string())
});
export type TakenIn = z.infer<typeof takenInSchema>;

/** A place in a picture, with the colour that was measured there: the mean of a square of pixels. */
export const placeInPictureSchema = z.strictObject({
	picture: pictureRefSchema,
	x: z
		.int()
		.min(0)
		.max(LONGEST_KEPT - 1),
	y: z
		.int()
		.min(0)
		.max(LONGEST_KEPT - 1),
	/** Pixels to a side of the square. */
	size: z.int().min(1).max(101),
	text: z.string().regex(/^#[0-9a-f]{6}$/, 'a code of the form #rrggbb')
});
export type PlaceInPicture = z.infer<typeof placeInPictureSchema>;
