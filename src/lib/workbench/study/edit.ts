import { type Plate } from '$lib/model/plate';
import { type StudyDocument } from '$lib/model/study';

/** Every edit of a study: a study goes in, another comes out, and what did not change keeps its identity. */
export type Edit = (document: StudyDocument) => StudyDocument;

export const withPlates =
	(change: (plates: Plate[]) => Plate[]): Edit =>
	(document) => ({ ...document, plates: change(document.plates) });

/** Changes one plate of a kind; a plate of another kind stays as it is. */
export const withPlateOf = <K extends Plate['kind']>(
	kind: K,
	id: string,
	change: (plate: Extract<Plate, { kind: K }>) => Plate
): Edit => withPlates((plates) => replaced(plates, id, (plate) => (isOf(kind, plate) ? change(plate) : plate)));

const isOf = <K extends Plate['kind']>(kind: K, plate: Plate): plate is Extract<Plate, { kind: K }> =>
	plate.kind === kind;

export interface Named {
	readonly id: string;
}

export const replaced = <T extends Named>(items: T[], id: string, change: (item: T) => T): T[] =>
	items.map((item) => (item.id === id ? change(item) : item));

export const insertedAfter = <T extends Named>(items: T[], after: string | null, item: T): T[] => {
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
