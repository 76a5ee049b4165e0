import { type Workbench } from '$lib/workbench/study/workbench.svelte';
import { addParentAt, placesOf } from '../scale-edits';
import { chosen } from './chosen-scale';

/** Puts a further parent where the way of the chosen scale passes at a share 0–1, and holds it; where none fits, nothing happens. */
export function putParent(workbench: Workbench, label: string, share: number): void {
	const before = chosen(workbench);
	if (!before) return;
	workbench.edit(label, addParentAt(before.plate.id, before.scale.id, share, workbench.document.linked));
	const { scale } = chosen(workbench) ?? before;
	const index = placesOf(scale).findIndex((place) => Math.abs(place - share) < 1e-9);
	if (index > 0) workbench.hold({ kind: 'parent', scale: scale.id, index });
}
