import { decideScale, type Decisions } from '../../scale-edits';
import { type Workbench } from '$lib/workbench/study/workbench.svelte';
import { chosen } from '../chosen-scale';

/** Decides something about the chosen scale, as one edit; decisions of one act are undone together. */
export function decide(workbench: Workbench, label: string, decisions: Decisions, what: string | null = null): void {
	const now = chosen(workbench);
	if (now) workbench.edit(label, decideScale(now.plate.id, now.scale.id, decisions), what);
}
