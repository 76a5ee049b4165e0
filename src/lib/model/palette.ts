import { z } from 'zod';
import { colourTextSchema } from './colour-text';
import { idSchema } from './ids';
import { lineSchema } from './line';
import { HELPING, revisionSchema, wordsSchema } from './listed';

export const MOST_COLOURS = 60;
export const MOST_TAGS = 12;
export const LONGEST_TAG = 32;

/** A tag as it is kept: small letters, no comma, so that a list of them can be typed. */
const tagSchema = lineSchema
	.toLowerCase()
	.min(1)
	.max(LONGEST_TAG)
	.regex(/^[^,]*$/, 'a tag without a comma');

export const paletteColourSchema = z.strictObject({ name: lineSchema.min(1), text: colourTextSchema });
export type PaletteColour = z.infer<typeof paletteColourSchema>;

/** A palette as a plate keeps it: as it was when it was chosen. */
export const keptPaletteSchema = z.strictObject({
	name: lineSchema.min(1),
	colours: z.array(paletteColourSchema).min(1).max(MOST_COLOURS)
});
export type KeptPalette = z.infer<typeof keptPaletteSchema>;

/** What people decide about a palette: a named, ordered set of colours kept outside any study. */
export const paletteContentSchema = z.strictObject({
	name: lineSchema.min(1),
	maker: lineSchema,
	tags: z
		.array(tagSchema)
		.max(MOST_TAGS)
		.refine((tags) => new Set(tags).size === tags.length, 'each tag once'),
	colours: z.array(paletteColourSchema).max(MOST_COLOURS)
});
export type PaletteContent = z.infer<typeof paletteContentSchema>;

/** A palette as it travels, with the revision that the next save must name. */
export const paletteSchema = paletteContentSchema.extend({ id: idSchema, revision: revisionSchema });
export type Palette = z.infer<typeof paletteSchema>;

/** More palettes than this are found by searching. */
export const MOST_LISTED = 2000;

/** Colours that palettes are compared with stand beside each other between these. */
const BETWEEN = ';';
export const MOST_NEAR = 16;

/** One colour or some, as palettes are compared with them: a text for each. */
export const nearTexts = (near: string): string[] =>
	near
		.split(BETWEEN)
		.map((text) => text.trim())
		.filter((text) => text !== '');
export const asNear = (texts: readonly string[]): string => texts.slice(0, MOST_NEAR).join(BETWEEN);

const nearSchema = z
	.string()
	.max(MOST_NEAR * 60)
	.transform(nearTexts)
	.pipe(z.array(colourTextSchema).max(MOST_NEAR))
	.transform(asNear);

/**
 * How palettes are listed: words that must all occur in name, maker, tags or names of colours; a tag; colours, by nearness to
 * which they are sorted instead of by their place; how many at most.
 */
export const paletteQuerySchema = z.object({
	words: wordsSchema.default(''),
	tag: wordsSchema.toLowerCase().default(''),
	near: nearSchema.default(''),
	most: z.coerce.number().int().min(1).max(MOST_LISTED).default(HELPING)
});
export type PaletteQuery = z.infer<typeof paletteQuerySchema>;

export const paletteListSchema = z.strictObject({
	palettes: z.array(paletteSchema),
	/** Ids of those that cannot be read, so that they can be deleted; they never hide the others. */
	unreadable: z.array(z.string()),
	/** Every tag that a palette has, in the order of the alphabet. */
	tags: z.array(z.string()),
	more: z.boolean()
});
export type PaletteList = z.infer<typeof paletteListSchema>;

export const createPaletteSchema = z.strictObject({ palette: paletteContentSchema });
export const savePaletteSchema = z.strictObject({ revision: revisionSchema, palette: paletteContentSchema });

/** Where a palette moves in the list: before another one, or to the end. */
export const placePaletteSchema = z.strictObject({ before: idSchema.nullable() });
