import { seenHex } from '$lib/drawing/view';
import { chartOf } from '../../chart-of';
import { type WheelPlate } from '../../schema';
import { decideWheel } from '../../wheel-edits';
import { type Workbench } from '$lib/workbench/study/workbench.svelte';
import { chosenCell } from '../chosen-cell';

export type Decisions = Partial<Omit<WheelPlate, 'id' | 'kind'>>;

/** Decides something about the wheel that is open, as one edit; decisions of one act are undone together. */
export function decide(workbench: Workbench, label: string, decisions: Decisions, what: string | null = null): void {
	const { plate } = workbench;
	if (plate) workbench.edit(label, decideWheel(plate.id, decisions), what);
}

/** The codes of the chosen spoke, from the middle outwards, as other decisions would have it. */
export function spokeWith(workbench: Workbench, plate: WheelPlate, decisions: Decisions): string[] {
	const { steps } = chartOf({ ...plate, ...decisions }, workbench.document.linked)[
		chosenCell(workbench, plate)?.spoke ?? 0
	]!;
	return steps.map(({ hex }) => seenHex(workbench.view, hex));
}
