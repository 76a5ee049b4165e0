import { z } from 'zod';
import { idSchema } from '$lib/model/ids';
import { lineSchema } from '$lib/model/line';
import { revisionSchema } from '$lib/model/listed';
import { type Sealed } from '../our-file';
import { pageLayoutSchema } from '../print';
import { fingerprintSchema, type HandIn } from './hand-in';
import { givenBackSchema, returnedSchema } from './returned';

/** Where hand-ins are asked for. */
export const HAND_INS_PATH = '/api/hand-ins';

/** What the file of a hand-in says of itself: what lists need of it. */
const envelopeShape = {
	id: idSchema,
	/** The brief that it answers, and its fingerprint as the hand-in has it. */
	brief: idSchema,
	fingerprint: fingerprintSchema,
	title: lineSchema,
	maker: lineSchema.min(1),
	at: z.iso.datetime(),
	held: z.int().min(0),
	asked: z.int().min(0),
	/** Whether it is as it was written: its fingerprint says so. */
	asWritten: z.boolean()
};
export type Envelope = z.infer<z.ZodObject<typeof envelopeShape>>;

export function envelopeOf({ content, asWritten }: Sealed<HandIn>): Envelope {
	const { id, brief, maker, at, asked } = content;
	return {
		id,
		brief: brief.id,
		fingerprint: brief.fingerprint,
		title: content.study.titleBlock.title,
		maker,
		at,
		held: asked.filter(({ holds }) => holds).length,
		asked: asked.length,
		asWritten
	};
}

/** A hand-in is sent as its file, to an address that names the study here that it was handed in from, where there is one. */
export const keepHandInQuerySchema = z.strictObject({ study: idSchema.optional() });

/** Where the file of a hand-in is sent to; from a study here, or collected (null). */
export const pathToKeep = (study: string | null): string =>
	study === null ? HAND_INS_PATH : `${HAND_INS_PATH}?${new URLSearchParams({ study })}`;

/** Whose hand-ins are listed: all of a brief, those of one study here, or those of one maker. */
export const handInQuerySchema = z.union([
	z.strictObject({ brief: idSchema }),
	z.strictObject({ study: idSchema }),
	z.strictObject({ maker: lineSchema.min(1) })
]);
export type HandInQuery = z.infer<typeof handInQuerySchema>;

export const handInLineSchema = z.strictObject({
	...envelopeShape,
	/** The study here that it was handed in from; null where it was collected. */
	study: idSchema.nullable(),
	revision: revisionSchema,
	given: givenBackSchema,
	/** Whether an educator has looked at it. */
	seen: z.boolean(),
	/** What came back with it, where something did. */
	returned: returnedSchema.nullable()
});
export type HandInLine = z.infer<typeof handInLineSchema>;

export const handInListSchema = z.strictObject({
	lines: z.array(handInLineSchema),
	/** Ids of those that cannot be read; they never hide the others. */
	unreadable: z.array(z.string())
});
export type HandInList = z.infer<typeof handInListSchema>;

/** What is given back, over the revision that it was made from. */
export const giveBackSchema = z.strictObject({ revision: revisionSchema, given: givenBackSchema, seen: z.boolean() });
export type GiveBack = z.infer<typeof giveBackSchema>;

export const givenSchema = z.strictObject({ revision: revisionSchema });

export const MOST_PRINTED = 100;
/** Hand-ins to be printed: each whole, one after the other, or one plate of each on a wall. */
export const printHandedSchema = z.strictObject({
	ids: z.array(idSchema).min(1).max(MOST_PRINTED),
	title: lineSchema.min(1),
	/** Whether notes and marks are printed with them. */
	notes: z.boolean(),
	/** The plate of the wall, by its id; null for a portfolio. */
	plate: idSchema.nullable(),
	page: pageLayoutSchema
});
export type PrintHanded = z.infer<typeof printHandedSchema>;
