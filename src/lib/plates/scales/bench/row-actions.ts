import { type Recipe } from '$lib/core/scale/recipe';
import { RECIPE_WORDS } from '$lib/core/scale/words';
import { fromTo } from '../draw-scales';
import { scaleOf } from '../scale-of';
import { newId } from '$lib/model/ids';
import { asLine, MOST_LETTERS } from '$lib/model/line';
import { type Palette } from '$lib/model/palette';
import { MOST_SCALES, type ScalesPlate } from '../schema';
import { notices } from '$lib/ui/notices.svelte';
import { addScale, copyOfScale, deleteScale, moveScale } from '../scale-edits';
import { nextScale } from '../make';
import { surroundingsOf } from '$lib/plates/kinds';
import { linkAll } from '$lib/workbench/study/link-all';
import { type Workbench } from '$lib/workbench/study/workbench.svelte';
import { LEAST_PARENTS, MOST_PARENTS, type ScaleDecision } from '../scale';
import { chooseScale, chosen, scaleOn } from './chosen-scale';

const isFull = (plate: ScalesPlate): boolean => {
	if (plate.scales.length < MOST_SCALES) return false;
	notices.say(`A plate holds ${MOST_SCALES} scales at most. Add another plate for more.`);
	return true;
};

/** The scale that most likely comes next on a plate, or next of a recipe. */
export const nextOn = (workbench: Workbench, plate: ScalesPlate, recipe: Recipe | null = null): ScaleDecision =>
	nextScale(surroundingsOf(workbench.decided), plate, scaleOn(workbench, plate), recipe);

/** Adds the next scale of a recipe under the chosen one, and chooses it. */
export function addNext(workbench: Workbench, plate: ScalesPlate, recipe: Recipe): void {
	if (isFull(plate)) return;
	const scale = scaleOn(workbench, plate);
	const next = nextOn(workbench, plate, recipe);
	workbench.edit('Add a scale', addScale(plate.id, next, scale?.id ?? null));
	chooseScale(workbench, next.id);
}

export function duplicateChosen(workbench: Workbench): void {
	const now = chosen(workbench);
	if (!now || isFull(now.plate)) return;
	const copy = copyOfScale(now.scale);
	workbench.edit('Duplicate a scale', addScale(now.plate.id, copy, now.scale.id));
	chooseScale(workbench, copy.id);
}

/** Makes every step of the chosen scale a linked colour of the study; a parent that is linked already stays the one it is. */
export function linkSteps(workbench: Workbench): void {
	const now = chosen(workbench);
	if (!now) return;
	const { scale } = now;
	const { linked } = workbench.document;
	const free = scaleOf(scale, linked).steps.flatMap(({ hex, parent }, i) =>
		parent !== null && 'linked' in scale.parents[parent]! ? [] : [{ hex, number: i + 1 }]
	);
	const name = asLine(`${RECIPE_WORDS[scale.recipe].name} ${fromTo(scale, linked)}`, MOST_LETTERS - 4);
	const colours = free.map(({ hex, number }) => ({
		id: newId(),
		name: `${number}, ${name}`,
		text: hex,
		namedBy: 'machine' as const
	}));
	linkAll(workbench, 'Make the steps linked colours', colours);
}

/** Moves the chosen row up (−1) or down (1). */
export function moveChosen(workbench: Workbench, by: number): void {
	const now = chosen(workbench);
	if (!now) return;
	const { plate, scale } = now;
	workbench.edit('Move a scale', moveScale(plate.id, scale.id, plate.scales.indexOf(scale) + by));
}

export function deleteChosen(workbench: Workbench): void {
	const now = chosen(workbench);
	if (!now) return;
	const { plate, scale } = now;
	const neighbour = plate.scales[plate.scales.indexOf(scale) + 1] ?? plate.scales.at(-2);
	workbench.edit('Delete a scale', deleteScale(plate.id, scale.id));
	if (neighbour && neighbour !== scale) chooseScale(workbench, neighbour.id);
	notices.say('Scale deleted.', { label: 'Undo', run: () => workbench.undo() });
}

/** A path through all colours of a palette, as a further row. */
export function pathThrough(workbench: Workbench, plate: ScalesPlate, { colours }: Palette): void {
	if (isFull(plate)) return;
	if (colours.length < LEAST_PARENTS) return notices.say('A path takes two colours or more.');
	const parents = colours.slice(0, MOST_PARENTS).map(({ text }) => ({ text }));
	const scale = scaleOn(workbench, plate);
	const added: ScaleDecision = {
		id: newId(),
		recipe: 'path',
		parents,
		between: (parents.length - 1) * 2 - 1,
		method: scale?.method ?? 'oklab',
		spacing: 'shares',
		look: scale?.look
	};
	workbench.edit('Add a path through a palette', addScale(plate.id, added, scale?.id ?? null));
	chooseScale(workbench, added.id);
	if (colours.length > MOST_PARENTS) notices.say(`A path takes ${MOST_PARENTS} parents: the first ones were taken.`);
}
