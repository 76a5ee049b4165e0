import { newId } from '$lib/model/ids';
import { type LinkedColour } from '$lib/model/linked';
import { type PaletteColour } from '$lib/model/palette';
import { nameOf } from '$lib/model/surroundings';
import { type Plate } from '$lib/plates/plate';
import { type StudyDocument } from './study';
import { asLine } from '$lib/model/line';

/** Three dyes that stand well apart, for whoever has no colours of their own at hand. */
export const WORKSHOP_COLOURS = [
	{ name: 'Madder', text: '#b3392b', namedBy: 'machine' },
	{ name: 'Weld', text: '#d9b036', namedBy: 'machine' },
	{ name: 'Woad', text: '#2f5f86', namedBy: 'machine' }
] as const;

/** A study with nothing in it yet. `date` is a calendar day or ''. */
export const emptyStudy = (title: string, date: string): StudyDocument => ({
	titleBlock: { title, maker: '', course: '', unit: '', date },
	linked: [],
	plates: []
});

/** A study begun with colours: they are linked, and the first plate has the tints of the first of them. */
export function begunWith(
	document: StudyDocument,
	colours: readonly (PaletteColour & Pick<LinkedColour, 'namedBy'>)[]
): StudyDocument {
	const linked = colours.map((colour): LinkedColour => ({ id: newId(), ...colour }));
	const [first, second = first] = linked;
	if (!first || !second) return document;
	const plate: Plate = {
		id: newId(),
		kind: 'scales',
		title: asLine(`Tints of ${nameOf({ linked: first.id }, { linked })}`),
		titledBy: 'machine',
		scales: [
			{
				id: newId(),
				recipe: 'tints',
				parents: [{ linked: first.id }, { linked: second.id }],
				between: 5,
				method: 'oklab',
				spacing: 'differences'
			}
		]
	};
	return { ...document, linked: [...document.linked, ...linked], plates: [...document.plates, plate] };
}

/** A study begun with the workshop's colours. */
export const newStudy = (title: string, date: string): StudyDocument =>
	begunWith(emptyStudy(title, date), WORKSHOP_COLOURS);

/** The same study under another title; a copy of a brief is another brief. Ids within a study only have to differ from each other. */
export function copyOfStudy(document: StudyDocument, maker = document.titleBlock.maker): StudyDocument {
	const title = asLine(`${document.titleBlock.title}, copy`);
	const { brief } = document;
	return {
		...document,
		titleBlock: { ...document.titleBlock, title, maker },
		...(brief ? { brief: { ...brief, id: newId() } } : {})
	};
}
