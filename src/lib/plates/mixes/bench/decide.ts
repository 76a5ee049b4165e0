import { type Workbench } from '$lib/workbench/study/workbench.svelte';
import { type Settings } from '../../exercise';
import { type MixExercise } from '../exercise';
import { setExercise } from '../mixes-edits';
import { type MixesPlate } from '../schema';

/** Decides something about an exercise by an edit of this name; those of one act are undone together. */
export function decideOn<S extends Settings, M>(
	exercise: MixExercise<S, M>,
	workbench: Workbench,
	{ id }: Pick<MixesPlate, 'id'>,
	label: string,
	decisions: Partial<Omit<S, 'name'>>,
	what: string | null = null
): void {
	const edit = setExercise(id, exercise, (settings) => ({ ...settings, ...decisions }));
	workbench.edit(label, edit, what && `${what} ${id}`);
}
