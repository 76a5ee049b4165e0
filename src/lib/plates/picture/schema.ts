import { z } from 'zod';
import { EMPHASES } from '$lib/core/picture/group';
import { ORDERS } from '$lib/core/picture/order';
import { METHODS } from '$lib/core/scale/mixing';
import { idSchema } from '$lib/model/ids';
import { LONGEST_KEPT, pictureRefSchema } from '$lib/model/picture';
import { checksOf, colourDemandSchemas } from '../checks-by';
import { plateFields } from '$lib/model/plate-fields';

export const LEAST_COLOURS = 2;
export const MOST_COLOURS = 16;
export const MOST_SQUARE = 101;
/** Steps between two places of the gradation, and all its steps; and steps along a line. */
export const MOST_GAP = 24;
export const MOST_STEPS = 50;
export const LEAST_ALONG = 2;

/** A code as it is measured in a picture. */
const codeSchema = z.string().regex(/^#[0-9a-f]{6}$/, 'a code of the form #rrggbb');
const across = z
	.int()
	.min(0)
	.max(LONGEST_KEPT - 1);
const spotSchema = z.strictObject({ x: across, y: across });
const share = z.number().min(0).max(1);
const value = z.number().min(0).max(100);

const placeSchema = z.strictObject({
	id: idSchema,
	/** The pixel in the middle of its square. */
	x: across,
	y: across,
	/** The mean of its square. */
	text: codeSchema,
	/** It stays while the others are found again. */
	locked: z.literal(true).optional()
});
export type PlaceDecision = z.infer<typeof placeSchema>;

/** What was reckoned of the picture, once. */
const knownSchema = z.strictObject({
	tone: z.strictObject({
		warm: share,
		cool: share,
		grey: share,
		values: z.tuple([value, value, value, value, value])
	}),
	notans: z
		.array(
			z.strictObject({ values: z.array(value).max(5), borders: z.array(value).max(4), shares: z.array(share).max(5) })
		)
		.length(4)
});

/** How far the colours stand for the picture; of these texts only. */
const measuredSchema = z.strictObject({
	of: z.array(codeSchema).max(MOST_COLOURS),
	shares: z.array(share).max(MOST_COLOURS),
	difference: z.number().min(0).max(200),
	farthest: spotSchema.nullable()
});

/** What colours out of a picture can be asked to meet, as `PictureRule` and `ColourDemand` of the core have it. */
const ruleSchema = z.discriminatedUnion('rule', [
	z.strictObject({ rule: z.literal('stands-for'), within: value }),
	...colourDemandSchemas
]);

/** What is largest on the plate. */
export const LARGE = ['picture', 'colours', 'values'] as const;
export type Large = (typeof LARGE)[number];

/** Where the colours of the gradation come from: the places, or a line across the picture. */
export const ALONG = ['places', 'line'] as const;

/** A picture, places in it whose colours are taken, and what is made of them. What another choice leaves aside is kept. */
export const picturePlateSchema = z.strictObject({
	...plateFields,
	kind: z.literal('picture'),
	picture: pictureRefSchema,
	known: knownSchema.optional(),
	/** How many are looked for. */
	count: z.int().min(LEAST_COLOURS).max(MOST_COLOURS),
	emphasis: z.enum(EMPHASES),
	seed: z.int().min(0).max(999_999),
	/** Pixels to a side of the square whose mean a place is. */
	size: z.int().min(1).max(MOST_SQUARE),
	/** In their order; none where they have not been looked for yet. */
	places: z.array(placeSchema).max(MOST_COLOURS),
	order: z.enum(ORDERS),
	measured: measuredSchema.optional(),
	along: z.enum(ALONG),
	/** Steps between each place and the next; as many as there is one, the rest is left aside. */
	gaps: z.array(z.int().min(0).max(MOST_GAP)).max(MOST_COLOURS - 1),
	method: z.enum(METHODS),
	/** A line across the picture, with the means of squares along it, both ends among them. */
	line: z.strictObject({
		from: spotSchema,
		to: spotSchema,
		texts: z.array(codeSchema).min(LEAST_ALONG).max(MOST_STEPS)
	}),
	/** Into how many values the picture is brought. */
	values: z.int().min(2).max(5),
	large: z.enum(LARGE),
	checks: checksOf(ruleSchema).optional()
});
export type PicturePlate = z.infer<typeof picturePlateSchema>;
