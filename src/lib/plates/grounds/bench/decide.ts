import { type Workbench } from '$lib/workbench/study/workbench.svelte';
import { type Settings } from '../../exercise';
import { type GroundExercise } from '../exercise';
import { decideGrounds, setExercise } from '../grounds-edits';
import { type GroundsPlate } from '../schema';

type Decisions = Parameters<typeof decideGrounds>[1];
type Plate = Pick<GroundsPlate, 'id'>;

/** Decides something about a plate of grounds by an edit of this name; those of one act are undone together. */
export function decide(
	workbench: Workbench,
	{ id }: Plate,
	label: string,
	decisions: Decisions,
	what: string | null = null
): void {
	workbench.edit(label, decideGrounds(id, decisions), what && `${what} ${id}`);
}

/** Decides something about an exercise, likewise. */
export function decideOn<S extends Settings, M>(
	exercise: GroundExercise<S, M>,
	workbench: Workbench,
	{ id }: Plate,
	label: string,
	decisions: Partial<Omit<S, 'name'>>,
	what: string | null = null
): void {
	const edit = setExercise(id, exercise, (settings) => ({ ...settings, ...decisions }));
	workbench.edit(label, edit, what && `${what} ${id}`);
}
