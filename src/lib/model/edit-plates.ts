import { insertedAfter, moved, replaced, withPlates, type Edit } from './edit';
import { type PlateBase } from './plate-base';

export const addPlate = (plate: PlateBase, after: string | null): Edit =>
	withPlates((plates) => insertedAfter(plates, after, plate));
export const deletePlate = (id: string): Edit => withPlates((plates) => plates.filter((plate) => plate.id !== id));
/** A title of somebody's own, which no longer follows what is on the plate. */
export const renamePlate = (id: string, title: string): Edit =>
	withPlates((plates) => replaced(plates, id, (plate) => ({ ...plate, title, titledBy: undefined })));
export const movePlate = (id: string, index: number): Edit => withPlates((plates) => moved(plates, id, index));

/** What every plate has beside what its kind knows. */
export type PlateDecisions = Partial<Pick<PlateBase, 'caption' | 'ground'>>;

export const decidePlate = (id: string, decisions: PlateDecisions): Edit =>
	withPlates((plates) => replaced(plates, id, (plate) => ({ ...plate, ...decisions })));
