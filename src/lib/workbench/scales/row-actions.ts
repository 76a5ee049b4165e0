import { RECIPE_WORDS } from '$lib/core/scale/words';
import { wayOf } from '$lib/drawing/draw-scales';
import { scaleOf } from '$lib/drawing/resolve';
import { newId } from '$lib/model/ids';
import { asLine, MOST_LETTERS } from '$lib/model/line';
import { MOST_SCALES, type ScalesPlate } from '$lib/model/plate';
import { notices } from '$lib/ui/notices.svelte';
import { addScale, copyOfScale, deleteScale, moveScale } from '../study/scale-edits';
import { nextScale } from '../study/suggest';
import { linkAll } from '../study/link-all';
import { type Workbench } from '../study/workbench.svelte';

const isFull = (plate: ScalesPlate): boolean => {
	if (plate.scales.length < MOST_SCALES) return false;
	notices.say(`A plate holds ${MOST_SCALES} scales at most. Add another plate for more.`);
	return true;
};

/** Adds the scale that most likely comes next, under the chosen one, and chooses it. */
export function addNext(workbench: Workbench): void {
	const { scalesPlate: plate, scale, document } = workbench;
	if (!plate || isFull(plate)) return;
	const next = nextScale(document, plate, scale);
	workbench.edit('Add a scale', addScale(plate.id, next, scale?.id ?? null));
	workbench.chooseScale(next.id);
}

export function duplicateChosen(workbench: Workbench): void {
	const { scalesPlate: plate, scale } = workbench;
	if (!plate || !scale || isFull(plate)) return;
	const copy = copyOfScale(scale);
	workbench.edit('Duplicate a scale', addScale(plate.id, copy, scale.id));
	workbench.chooseScale(copy.id);
}

/** Makes every step of the chosen scale a linked colour of the study; a parent that is linked already stays the one it is. */
export function linkSteps(workbench: Workbench): void {
	const { scale, document } = workbench;
	if (!scale) return;
	const { steps } = scaleOf(scale, document.linked);
	const free = steps.flatMap(({ hex, parent }, i) =>
		parent !== null && 'linked' in scale.parents[parent]! ? [] : [{ hex, number: i + 1 }]
	);
	const name = asLine(`${RECIPE_WORDS[scale.recipe].name} ${wayOf(scale, document.linked)}`, MOST_LETTERS - 4);
	const colours = free.map(({ hex, number }) => ({ id: newId(), name: `${number}, ${name}`, text: hex }));
	linkAll(workbench, 'Make the steps linked colours', colours);
}

/** Moves the chosen row up (−1) or down (1). */
export function moveChosen(workbench: Workbench, by: number): void {
	const { scalesPlate: plate, scale } = workbench;
	if (!plate || !scale) return;
	workbench.edit('Move a scale', moveScale(plate.id, scale.id, plate.scales.indexOf(scale) + by));
}

export function deleteChosen(workbench: Workbench): void {
	const { scalesPlate: plate, scale } = workbench;
	if (!plate || !scale) return;
	const neighbour = plate.scales[plate.scales.indexOf(scale) + 1] ?? plate.scales.at(-2);
	workbench.edit('Delete a scale', deleteScale(plate.id, scale.id));
	if (neighbour && neighbour !== scale) workbench.chooseScale(neighbour.id);
	notices.say('Scale deleted.', { label: 'Undo', run: () => workbench.undo() });
}
