import { newId } from '$lib/model/ids';
import { type ColourSource } from '$lib/model/colour-text';
import { type Plate, type ScaleDecision } from '$lib/model/plate';
import { type LinkedColour, type StudyDocument, type TitleBlock } from '$lib/model/study';
import { sameSource, sourceFor } from './suggest';

/** Every edit of a study: a study goes in, another comes out, and what did not change keeps its identity. */
type Edit = (document: StudyDocument) => StudyDocument;

const withPlates =
	(change: (plates: Plate[]) => Plate[]): Edit =>
	(document) => ({ ...document, plates: change(document.plates) });

const withScales = (plateId: string, change: (scales: ScaleDecision[]) => ScaleDecision[]): Edit =>
	withPlates((plates) =>
		plates.map((plate) => (plate.id === plateId ? { ...plate, scales: change(plate.scales) } : plate))
	);

interface Named {
	readonly id: string;
}

const replaced = <T extends Named>(items: T[], id: string, change: (item: T) => T): T[] =>
	items.map((item) => (item.id === id ? change(item) : item));

const insertedAfter = <T extends Named>(items: T[], after: string | null, item: T): T[] => {
	const place = after === null ? items.length : items.findIndex(({ id }) => id === after) + 1;
	return [...items.slice(0, place), item, ...items.slice(place)];
};

/** Moves an item to another index; beyond the ends it stays at the end. */
export function moved<T extends Named>(items: T[], id: string, index: number): T[] {
	const item = items.find((candidate) => candidate.id === id);
	if (!item) return items;
	const rest = items.filter((candidate) => candidate !== item);
	const place = Math.max(0, Math.min(rest.length, index));
	return [...rest.slice(0, place), item, ...rest.slice(place)];
}

export const setTitleBlock =
	(titleBlock: TitleBlock): Edit =>
	(document) => ({ ...document, titleBlock });

export const addPlate = (plate: Plate, after: string | null): Edit =>
	withPlates((plates) => insertedAfter(plates, after, plate));
export const deletePlate = (id: string): Edit => withPlates((plates) => plates.filter((plate) => plate.id !== id));
export const renamePlate = (id: string, title: string): Edit =>
	withPlates((plates) => replaced(plates, id, (plate) => ({ ...plate, title })));
export const movePlate = (id: string, index: number): Edit => withPlates((plates) => moved(plates, id, index));

/** The same plate with ids of its own. */
export function copyOfPlate(plate: Plate): Plate {
	return { ...plate, id: newId(), title: `${plate.title}, copy`.slice(0, 120), scales: plate.scales.map(copyOfScale) };
}

export const copyOfScale = (scale: ScaleDecision): ScaleDecision => ({ ...scale, id: newId() });

export const addScale = (plateId: string, scale: ScaleDecision, after: string | null): Edit =>
	withScales(plateId, (scales) => insertedAfter(scales, after, scale));
export const deleteScale = (plateId: string, id: string): Edit =>
	withScales(plateId, (scales) => scales.filter((scale) => scale.id !== id));
export const moveScale = (plateId: string, id: string, index: number): Edit =>
	withScales(plateId, (scales) => moved(scales, id, index));
export const decideScale = (plateId: string, id: string, decisions: Partial<Omit<ScaleDecision, 'id'>>): Edit =>
	withScales(plateId, (scales) => replaced(scales, id, (scale) => ({ ...scale, ...decisions })));

/** Another colour source for one parent of a scale. */
export function setParent(plateId: string, id: string, index: number, source: ColourSource): Edit {
	return withScales(plateId, (scales) =>
		replaced(scales, id, (scale) => {
			const [first, second] = scale.parents;
			return { ...scale, parents: index === 0 ? [source, second] : [first, source] };
		})
	);
}

export const addLinked =
	(colour: LinkedColour): Edit =>
	(document) => ({ ...document, linked: [...document.linked, colour] });
export const changeLinked =
	(id: string, change: Partial<Omit<LinkedColour, 'id'>>): Edit =>
	(document) => ({ ...document, linked: replaced(document.linked, id, (colour) => ({ ...colour, ...change })) });

/** Deletes a linked colour; every parent that used it keeps its looks as a colour of its own. */
export const deleteLinked =
	(id: string): Edit =>
	(document) => {
		const colour = document.linked.find((candidate) => candidate.id === id);
		if (!colour) return document;
		const freed = (source: ColourSource): ColourSource =>
			sameSource(source, { linked: id }) ? { text: colour.text } : source;
		return {
			...document,
			linked: document.linked.filter((candidate) => candidate !== colour),
			plates: document.plates.map((plate) => ({
				...plate,
				scales: plate.scales.map((scale) =>
					scale.parents.some((source) => sameSource(source, { linked: id }))
						? { ...scale, parents: [freed(scale.parents[0]), freed(scale.parents[1])] }
						: scale
				)
			}))
		};
	};

/** Makes a linked colour out of one parent's own colour and links the parent to it. */
export const linkParent =
	(plateId: string, scaleId: string, index: number, colour: LinkedColour): Edit =>
	(document) =>
		setParent(plateId, scaleId, index, sourceFor(colour))(addLinked(colour)(document));
