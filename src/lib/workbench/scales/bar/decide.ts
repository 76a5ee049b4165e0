import { decideScale, type Decisions } from '../../study/scale-edits';
import { type Workbench } from '../../study/workbench.svelte';

/** Decides something about the chosen scale, as one edit; decisions of one gesture are undone together. */
export function decide(workbench: Workbench, label: string, decisions: Decisions, gesture: string | null = null): void {
	const { plate, scale } = workbench;
	if (plate && scale) workbench.edit(label, decideScale(plate.id, scale.id, decisions), gesture);
}
