import { type LinkedColour } from './linked';
import { type PlateBase } from './plate-base';

/** What an edit of a plate may change of a study: its plates and its linked colours. */
export interface StudyParts {
	linked: LinkedColour[];
	plates: PlateBase[];
}

/** An edit: the study as it was goes in, the study as it shall be comes out. What it does not change keeps its identity. */
export type Edit = <S extends StudyParts>(study: S) => S;

export const withPlates =
	(change: (plates: PlateBase[]) => PlateBase[]): Edit =>
	(study) => ({ ...study, plates: change(study.plates) });

const isOf = <P extends PlateBase>(kind: P['kind'], plate: PlateBase): plate is P => plate.kind === kind;

/** Changes every plate of a kind; plates of other kinds stay as they are. */
export const withPlatesOf = <P extends PlateBase>(kind: P['kind'], change: (plate: P) => P): Edit =>
	withPlates((plates) => plates.map((plate) => (isOf<P>(kind, plate) ? change(plate) : plate)));

/** Changes one plate of a kind. */
export const withPlateOf = <P extends PlateBase>(kind: P['kind'], id: string, change: (plate: P) => P): Edit =>
	withPlatesOf<P>(kind, (plate) => (plate.id === id ? change(plate) : plate));

/** All plates of a kind. */
export const platesOf = <P extends PlateBase>(kind: P['kind'], plates: readonly PlateBase[]): P[] =>
	plates.filter((plate): plate is P => isOf<P>(kind, plate));

/** A plate of a kind by its id; null where there is none. */
export const plateOf = <P extends PlateBase>(kind: P['kind'], plates: readonly PlateBase[], id: string): P | null =>
	platesOf<P>(kind, plates).find((plate) => plate.id === id) ?? null;

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
