import { type Plate } from '$lib/model/plate';
import { MOST_PLATES, type StudyDocument } from '$lib/model/study';
import { notices } from '$lib/ui/notices.svelte';
import { addPlate, copyOfPlate, deletePlate, movePlate } from '../study/edits';
import { nextGrounds, nextMixes, nextPlate, nextScheme, nextWheel } from '../study/suggest';
import { type Workbench } from '../study/workbench.svelte';

const isFull = ({ plates }: StudyDocument): boolean => {
	if (plates.length < MOST_PLATES) return false;
	notices.say(`A study holds ${MOST_PLATES} plates at most.`);
	return true;
};

/** Adds the plate that most likely comes next, and opens it. */
export const addNextPlate = (workbench: Workbench): void => addNew(workbench, nextPlate);
export const addNextWheel = (workbench: Workbench): void => addNew(workbench, nextWheel);

export const addNextScheme = (workbench: Workbench): void => addNew(workbench, nextScheme);

export const addNextMixes = (workbench: Workbench): void => addNew(workbench, nextMixes);

export const addNextGrounds = (workbench: Workbench): void => addNew(workbench, nextGrounds);

function addNew(workbench: Workbench, make: (document: StudyDocument) => Plate): void {
	if (isFull(workbench.document)) return;
	const plate = make(workbench.document);
	workbench.edit('Add a plate', addPlate(plate, workbench.plate?.id ?? null));
	workbench.choosePlate(plate.id);
}

export function duplicatePlate(workbench: Workbench, id: string): void {
	const plate = workbench.document.plates.find((candidate) => candidate.id === id);
	if (!plate || isFull(workbench.document)) return;
	const copy = copyOfPlate(plate);
	workbench.edit('Duplicate a plate', addPlate(copy, id));
	workbench.choosePlate(copy.id);
}

/** Moves a plate up (−1) or down (1) in the study. */
export function shiftPlate(workbench: Workbench, id: string, by: number): void {
	const index = workbench.document.plates.findIndex((plate) => plate.id === id);
	workbench.edit('Move a plate', movePlate(id, index + by));
}

export function removePlate(workbench: Workbench, id: string): void {
	const { plates } = workbench.document;
	const index = plates.findIndex((plate) => plate.id === id);
	const neighbour = plates[index + 1] ?? plates[index - 1];
	workbench.edit('Delete a plate', deletePlate(id));
	if (neighbour && workbench.plate?.id !== neighbour.id) workbench.choosePlate(neighbour.id);
	notices.say('Plate deleted.', { label: 'Undo', run: () => workbench.undo() });
}
