import { z } from 'zod';
import { idSchema } from '$lib/model/ids';
import { lineSchema } from '$lib/model/line';
import { readSealed, writeSealed, type OurFormat, type Sealed } from '../our-file';

export const MOST_NOTES = 400;
export const MOST_NOTE = 2000;

/** What an educator writes beside a plate of a hand-in, or pinned to one of its colours. */
export const noteSchema = z.strictObject({
	id: idSchema,
	/** The plate that it speaks of; null where it speaks of the whole. */
	plate: idSchema.nullable(),
	/** What of the plate it is pinned to, by its name, and where that is on the drawing, in shares of its width and height; null for all of it. */
	at: z.strictObject({ name: lineSchema, x: z.number().min(0).max(1), y: z.number().min(0).max(1) }).nullable(),
	text: z
		.string()
		.min(1)
		.max(MOST_NOTE)
		.regex(/^(?:[^\p{Control}\p{Surrogate}]|[\n\t])*$/u, 'a text without control characters')
});
export type Note = z.infer<typeof noteSchema>;

/** What a hand-in is given back with: notes, and a mark in the educator's own words. */
export const givenBackSchema = z.strictObject({
	notes: z.array(noteSchema).max(MOST_NOTES),
	mark: lineSchema
});
export type GivenBack = z.infer<typeof givenBackSchema>;

/** A hand-in given back to its maker. */
export const returnedSchema = z.strictObject({
	/** The hand-in, by its id, with what it answered and whose it is. */
	handIn: idSchema,
	brief: z.strictObject({ id: idSchema, title: lineSchema }),
	maker: lineSchema,
	/** Who gives it back, and when. */
	by: lineSchema,
	at: z.iso.datetime(),
	...givenBackSchema.shape
});
export type Returned = z.infer<typeof returnedSchema>;

/** A return as a file, `….return.json`. */
export const RETURN_FORMAT: OurFormat<'returned', Returned> = {
	format: 'ricercar return',
	version: 1,
	field: 'returned',
	schema: returnedSchema,
	expected: 'a hand-in as it was given back'
};

export const writeReturned = (returned: Returned): string => writeSealed(RETURN_FORMAT, returned);

/** @throws Problem `file` */
export const readReturned = (text: string): Sealed<Returned> => readSealed(text, RETURN_FORMAT);

/** A hand-in given back: with its notes and mark, by whom, and when (an ISO date and time in UTC). */
export const givenBack = (
	{ id, maker, given }: { readonly id: string; readonly maker: string; readonly given: GivenBack },
	{ terms, title }: { readonly terms: { readonly id: string }; readonly title: string },
	{ by, at }: Pick<Returned, 'by' | 'at'>
): Returned => ({ handIn: id, brief: { id: terms.id, title }, maker, by, at, ...given });
