import { type GroundsPlate } from '../schema';
import { decideGrounds } from '../grounds-edits';
import { type Workbench } from '$lib/workbench/study/workbench.svelte';

type Decisions = Parameters<typeof decideGrounds>[1];

/** Decides something about a plate of grounds by an edit of this name; those of one gesture are undone together. */
export function decide(
	workbench: Workbench,
	{ id }: Pick<GroundsPlate, 'id'>,
	label: string,
	decisions: Decisions,
	gesture: string | null = null
): void {
	workbench.edit(label, decideGrounds(id, decisions), gesture && `${gesture} ${id}`);
}
