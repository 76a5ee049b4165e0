import { z } from 'zod';
import { colourTextSchema, type ColourSource } from './colour-text';
import { idSchema } from './ids';
import { lineSchema } from './line';
import { type ScaleDecision } from './scale';
import { plateSchema, type Plate } from './plate';

export const MOST_PLATES = 60;
export const MOST_LINKED = 60;

export const linkedColourSchema = z.strictObject({ id: idSchema, name: lineSchema.min(1), text: colourTextSchema });
export type LinkedColour = z.infer<typeof linkedColourSchema>;

/** What the maker writes at the foot of the work. The date is their own words' worth: a calendar day, or none. */
export const titleBlockSchema = z.strictObject({
	title: lineSchema.min(1),
	maker: lineSchema,
	course: lineSchema,
	unit: lineSchema,
	date: z.union([z.literal(''), z.iso.date()])
});
export type TitleBlock = z.infer<typeof titleBlockSchema>;

/** Everything that people decide in a study. What follows from it is never stored. */
export const studyDocumentSchema = z
	.strictObject({
		titleBlock: titleBlockSchema,
		linked: z.array(linkedColourSchema).max(MOST_LINKED),
		plates: z.array(plateSchema).max(MOST_PLATES)
	})
	.check((context) => {
		for (const message of inconsistencies(context.value))
			context.issues.push({ code: 'custom', input: context.value, message });
	});
export type StudyDocument = z.infer<typeof studyDocumentSchema>;

/** Whether two documents say the same, whatever the order in which the database or an edit has left their parts. */
export const isSameDocument = (one: StudyDocument, other: StudyDocument): boolean =>
	JSON.stringify(studyDocumentSchema.parse(one)) === JSON.stringify(studyDocumentSchema.parse(other));

/** A study as it travels: its document with the revision that the next save must name. */
export const studySchema = z.strictObject({
	id: idSchema,
	revision: z.int().min(1),
	changed: z.iso.datetime(),
	document: studyDocumentSchema,
	/** Colours of the document that were stored beyond all measure, as they were; the document has the nearest. */
	brought: z.array(z.string()).readonly().optional()
});
export type Study = z.infer<typeof studySchema>;

const sourcesOfScale = ({ parents, pins = [] }: ScaleDecision): ColourSource[] => [
	...parents,
	...pins.map(({ colour }) => colour)
];

/** All colour sources of a plate, in order. */
export function sourcesOf(plate: Plate): ColourSource[] {
	if (plate.kind === 'wheel') return [plate.lead];
	if (plate.kind === 'scheme') return [plate.lead, ...plate.others.flatMap(({ fixed }) => fixed ?? [])];
	if (plate.kind === 'grounds') {
		const twin = plate.contrast?.twin;
		const ofScale = plate.scale ? sourcesOfScale(plate.scale) : [];
		return [...plate.grounds, ...plate.figures, ...(twin ? [twin] : []), ...ofScale];
	}
	if (plate.kind === 'mixes') {
		const { parents, guess, crossings } = plate;
		return [...parents.map(({ colour }) => colour), ...[guess, ...crossings].filter((source) => source !== null)];
	}
	return plate.scales.flatMap(sourcesOfScale);
}

/** The ids of linked colours that plates use and a study does not have. */
export function missingLinks(plates: readonly Plate[], linked: readonly LinkedColour[]): string[] {
	const known = new Set(linked.map(({ id }) => id));
	return plates
		.flatMap(sourcesOf)
		.flatMap((source) => ('linked' in source && !known.has(source.linked) ? [source.linked] : []));
}

function inconsistencies({ linked, plates }: { linked: LinkedColour[]; plates: Plate[] }): string[] {
	const scalesPlates = plates.filter((plate) => plate.kind === 'scales');
	const parts = [...plates, ...scalesPlates.flatMap(({ scales, checks = [] }) => [...scales, ...checks])];
	const ids = [...linked, ...parts].map(({ id }) => id);
	const messages = missingLinks(plates, linked).map((id) => `a linked colour that the study has, not ${id}`);
	if (new Set(ids).size !== ids.length) messages.push('a different id for each plate, scale, check and linked colour');
	const lost = scalesPlates.flatMap(({ scales, checks = [] }) =>
		checks.filter(({ scale }) => scale !== null && !scales.some(({ id }) => id === scale))
	);
	return [...messages, ...lost.map(({ scale }) => `a check of a scale that its plate has, not ${scale}`)];
}
