import { z } from 'zod';
import { lineSchema } from '$lib/model/line';
import { linkedColourSchema, MOST_LINKED, type LinkedColour } from '$lib/model/linked';
import { contradictions, partIds, sourcesOf } from '$lib/plates/kinds';
import { plateSchema, type Plate } from '$lib/plates/plate';
import { wrongFollowing } from './followed';

export const MOST_PLATES = 60;

/** What the maker writes at the foot of the work. The date is their own words' worth: a calendar day, or none. */
export const titleBlockSchema = z.strictObject({
	title: lineSchema.min(1),
	maker: lineSchema,
	course: lineSchema,
	unit: lineSchema,
	date: z.union([z.literal(''), z.iso.date()])
});
export type TitleBlock = z.infer<typeof titleBlockSchema>;

/** What somebody writes on the whole of their work: some paragraphs of plain text. */
export const MOST_REFLECTION = 10_000;
export const reflectionSchema = z
	.string()
	.max(MOST_REFLECTION)
	.regex(/^(?:[^\p{Control}\p{Surrogate}]|[\n\t])*$/u, 'a text without control characters');

/** The colours and plates of a study, of a brief, or of what was handed in. */
export const workShape = {
	linked: z.array(linkedColourSchema).max(MOST_LINKED),
	plates: z.array(plateSchema).max(MOST_PLATES)
};

/** The ids of linked colours that plates use and a study does not have. */
export function missingLinks(plates: readonly Plate[], linked: readonly LinkedColour[]): string[] {
	const known = new Set(linked.map(({ id }) => id));
	return plates
		.flatMap(sourcesOf)
		.flatMap((source) => ('linked' in source && !known.has(source.linked) ? [source.linked] : []));
}

/** What does not fit together in colours and plates, as what would be right. */
export function inconsistencies({ linked, plates }: { linked: LinkedColour[]; plates: Plate[] }): string[] {
	const ids = [...linked.map(({ id }) => id), ...plates.flatMap((plate) => [plate.id, ...partIds(plate)])];
	const messages = missingLinks(plates, linked).map((id) => `a linked colour that the study has, not ${id}`);
	if (new Set(ids).size !== ids.length) messages.push('a different id for each plate, scale, check and linked colour');
	return [...messages, ...wrongFollowing(plates), ...plates.flatMap(contradictions)];
}
