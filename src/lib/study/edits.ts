import { type ColourSource } from '$lib/model/colour-text';
import { type Edit } from '$lib/model/edit';
import { addLinked } from '$lib/model/edit-linked';
import { newId } from '$lib/model/ids';
import { asLine } from '$lib/model/line';
import { type LinkedColour } from '$lib/model/linked';
import { linksTo } from '$lib/model/sources';
import { sourceFor } from '$lib/model/surroundings';
import { copyParts, mapSources } from '$lib/plates/kinds';
import { type Plate } from '$lib/plates/plate';
import { type TitleBlock } from './parts';
import { type StudyDocument } from './study';

/** An edit of a study: one of its plates and linked colours, or of more of it. */
export type StudyEdit = (document: StudyDocument) => StudyDocument;

/** Several edits as one. */
export const inTurn =
	(edits: readonly StudyEdit[]): StudyEdit =>
	(study) =>
		edits.reduce((latest, edit) => edit(latest), study);

export const setTitleBlock =
	(titleBlock: TitleBlock): StudyEdit =>
	(document) => ({ ...document, titleBlock });

/** What its maker writes on the whole; nothing at all where that is empty. */
export const writeReflection =
	(text: string): StudyEdit =>
	(document) => ({ ...document, reflection: text === '' ? undefined : text });

/** The same plate with ids of its own. */
export const copyOfPlate = (plate: Plate): Plate => ({
	...copyParts(plate),
	id: newId(),
	// A title of ours is true of the copy as well, and follows what becomes of it.
	title: plate.titledBy ? plate.title : asLine(`${plate.title}, copy`)
});

/** Deletes a linked colour; every parent that used it keeps its looks as a colour of its own. */
export const deleteLinked =
	(id: string): Edit =>
	(document) => {
		const colour = document.linked.find((candidate) => candidate.id === id);
		if (!colour) return document;
		const freed = (source: ColourSource): ColourSource => (linksTo(source, id) ? { text: colour.text } : source);
		return {
			...document,
			linked: document.linked.filter((candidate) => candidate !== colour),
			plates: document.plates.map((plate) => mapSources(plate, freed))
		};
	};

/** Makes a linked colour out of one source's own colour; `link` puts it in the source's place. */
export const linkSource =
	(colour: LinkedColour, link: (source: ColourSource) => Edit): Edit =>
	(document) =>
		link(sourceFor(colour))(addLinked(colour)(document));
