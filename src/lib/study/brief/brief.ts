import { z } from 'zod';
import { lineSchema } from '$lib/model/line';
import { inconsistencies, workShape, type TitleBlock } from '../parts';
import { briefTermsSchema } from './terms';

/** A brief as it is handed out: its terms, and the plates to be made with what is given on them. */
export const briefSchema = z
	.strictObject({
		title: lineSchema.min(1),
		/** Who set it. */
		by: lineSchema,
		course: lineSchema,
		unit: lineSchema,
		terms: briefTermsSchema,
		...workShape
	})
	.check((context) => {
		for (const message of inconsistencies(context.value))
			context.issues.push({ code: 'custom', input: context.value, message });
	});
export type Brief = z.infer<typeof briefSchema>;

/** A study that is set as a brief, as far as a brief is made of it. */
interface Set extends Pick<Brief, 'linked' | 'plates'> {
	readonly titleBlock: TitleBlock;
	readonly brief?: Brief['terms'] | undefined;
}

/** What is handed out of a study that is set as a brief; null of any other study. */
export function briefOf({ titleBlock, brief: terms, linked, plates }: Set): Brief | null {
	if (!terms) return null;
	const { title, maker, course, unit } = titleBlock;
	const has = new Set(plates.map(({ id }) => id));
	const given = terms.given.filter(({ plate }) => has.has(plate));
	return { title, by: maker, course, unit, terms: { ...terms, given }, linked, plates };
}
