import { z } from 'zod';
import { idSchema } from '$lib/model/ids';
import { lineSchema } from '$lib/model/line';
import { drawPlate } from '$lib/plates/draw-plate';
import { fingerprintOf } from '../brief/fingerprint';
import { progressOf } from '../brief/progress';
import { MOST_PLATES } from '../parts';
import { studyDocumentSchema, type StudyDocument } from '../study';
import { frozen, storedDrawingSchema, type Pixels, type StoredDrawing } from './stored-drawing';

const MOST_ASKED = 4000;
const MOST_EARLIER = 200;
const MOST_PICTURES = 60;
/** A picture as a PNG that carries its own data, in letters. */
const LONGEST_PICTURE = 14_000_000;

const reason = z.string().max(1000);
/** What was asked, and what came of it when it was handed in. */
const askedSchema = z.strictObject({
	plate: idSchema.nullable(),
	asks: reason,
	of: lineSchema.nullable(),
	holds: z.boolean(),
	reason,
	/** What was measured, where that is one number. */
	figure: z.string().max(40).nullable()
});

/** A fingerprint, as `fingerprintOf` gives it. */
export const fingerprintSchema = z.string().regex(/^[0-9a-f]{64}$/, 'a fingerprint of 64 hexadecimal digits');

/** A study frozen as it was when its maker handed it in against a brief: what it was, how it was drawn, what came of each check. */
export const handInSchema = z
	.strictObject({
		id: idSchema,
		/** The brief that it answers, and its fingerprint: the study has the brief itself. */
		brief: z.strictObject({ id: idSchema, title: lineSchema, fingerprint: fingerprintSchema }),
		maker: lineSchema.min(1),
		/** When it was handed in. */
		at: z.iso.datetime(),
		study: studyDocumentSchema,
		asked: z.array(askedSchema).max(MOST_ASKED),
		/** Each plate as it was drawn, in the order of the plates. */
		drawings: z.array(storedDrawingSchema).max(MOST_PLATES),
		/** Pictures that do not ship, by their ids, as PNG that carries its own data. */
		pictures: z.record(idSchema, z.string().max(LONGEST_PICTURE).startsWith('data:image/png;base64,')),
		/** Hand-ins of the same study before this one, by their ids, the newest last. */
		earlier: z.array(idSchema).max(MOST_EARLIER)
	})
	.refine(({ study, brief }) => study.answers?.terms.id === brief.id, 'the brief that its study answers')
	.refine(({ study, drawings }) => study.plates.length === drawings.length, 'a drawing of each plate')
	.refine(({ pictures }) => Object.keys(pictures).length <= MOST_PICTURES, `at most ${MOST_PICTURES} pictures`);
export type HandIn = z.infer<typeof handInSchema>;

/**
 * A study frozen as it is; null where it answers no brief.
 * @param at when it is handed in, an ISO date and time in UTC
 */
export function handInOf(
	study: StudyDocument,
	{ id, at, pictures, pixels = {} }: Pick<HandIn, 'id' | 'at' | 'pictures'> & { readonly pixels?: Pixels }
): HandIn | null {
	const { answers: brief, titleBlock, plates, linked, handedIn = [] } = study;
	if (!brief) return null;
	return {
		id,
		brief: { id: brief.terms.id, title: brief.title, fingerprint: fingerprintOf(brief) },
		maker: titleBlock.maker,
		at,
		study,
		asked: [...progressOf(study)],
		drawings: plates.map((plate) => frozen(drawPlate(plate, linked, 'full'), pixels)),
		pictures,
		earlier: handedIn.map((each) => each.id)
	};
}

/** A drawing as a text, without the pixels of pictures: those are never made anew. */
const comparable = ({ shapes, ...drawing }: StoredDrawing): string =>
	JSON.stringify({
		...drawing,
		shapes: shapes.map((shape) => {
			if (shape.kind !== 'image' && shape.kind !== 'raster') return shape;
			const { x, y, width, height } = shape;
			return { x, y, width, height };
		})
	});

/** How many plates this version would draw otherwise than they were drawn, and how many checks it would judge otherwise. */
export function drawnOtherwise({ study, drawings, asked }: HandIn): { plates: number; checks: number } {
	const now = study.plates.map((plate) => comparable(frozen(drawPlate(plate, study.linked, 'full'))));
	const judged = progressOf(study);
	return {
		plates: now.filter((text, i) => text !== comparable(drawings[i]!)).length,
		checks: asked.filter(({ holds }, i) => judged[i]?.holds !== holds).length
	};
}
