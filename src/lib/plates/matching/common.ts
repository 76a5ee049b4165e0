import { z } from 'zod';
import { colourSourceSchema } from '$lib/model/colour-text';
import { placeInPictureSchema } from '$lib/model/picture';
import { plateFields } from '$lib/model/plate-fields';

export const LEAST_PAINTS = 3;
export const MOST_PAINTS = 6;

/** What every plate of matching has, and what goes with it from one exercise to another. */
export const matchingCommonSchema = z.strictObject({
	...plateFields,
	kind: z.literal('matching'),
	/** The paints from which a subject is mixed, where it is matched so. */
	paints: z.array(colourSourceSchema).min(LEAST_PAINTS).max(MOST_PAINTS),
	/** The place in a picture that is matched, where one is. */
	place: placeInPictureSchema.nullable()
});
export type MatchingCommon = z.infer<typeof matchingCommonSchema>;
