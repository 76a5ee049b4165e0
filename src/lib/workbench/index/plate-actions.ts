import { addPlate, deletePlate, movePlate } from '$lib/model/edit-plates';
import { benchOf, loadBenches } from '$lib/plates/benches.svelte';
import { type Plate } from '$lib/plates/plate';
import { copyOfPlate } from '$lib/study/edits';
import { notices } from '$lib/ui/notices.svelte';
import { hasRoomForPlate } from '../study/room';
import { type Workbench } from '../study/workbench.svelte';

/** Which plate was asked for last: what was asked for before, and is loaded later, does not open over it. */
const asked = new WeakMap<Workbench, string>();

/** Opens a plate, at once where what it shows is there, otherwise when it is loaded; and holds a place of it, if one is named. */
export function openPlate(workbench: Workbench, id: string, place: unknown = null): void {
	const plate = workbench.document.plates.find((candidate) => candidate.id === id);
	asked.set(workbench, id);
	const open = () => {
		if (asked.get(workbench) !== id) return;
		workbench.choosePlate(id);
		if (place !== null) workbench.hold(place);
	};
	if (!plate || benchOf(plate)) return open();
	loadBenches([plate]).then(open, () =>
		notices.say('The plate could not be opened: a part of the page did not arrive. Is the server still there?')
	);
}

/** Adds a plate after the open one, and opens it. */
export function addShown(workbench: Workbench, plate: Plate): void {
	if (!hasRoomForPlate(workbench.document)) return;
	workbench.edit('Add a plate', addPlate(plate, workbench.plate?.id ?? null));
	openPlate(workbench, plate.id);
}

export function duplicatePlate(workbench: Workbench, id: string): void {
	const plate = workbench.document.plates.find((candidate) => candidate.id === id);
	if (!plate || !hasRoomForPlate(workbench.document)) return;
	const copy = copyOfPlate(plate);
	workbench.edit('Duplicate a plate', addPlate(copy, id));
	openPlate(workbench, copy.id);
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
	if (neighbour && workbench.plate?.id !== neighbour.id) openPlate(workbench, neighbour.id);
	notices.say('Plate deleted.', { label: 'Undo', run: () => workbench.undo() });
}

/** Puts a plate beside the open one, when what both show is there. */
export function putBeside(workbench: Workbench, plate: Plate): void {
	loadBenches([plate]).then(
		() => workbench.putBeside(plate.id),
		() => notices.say('The plate could not be shown: a part of the page did not arrive. Is the server still there?')
	);
}
