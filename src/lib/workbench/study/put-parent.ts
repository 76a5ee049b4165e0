import { addParentAt, placesOf } from './scale-edits';
import { type Workbench } from './workbench.svelte';

/** Puts a further parent where the way of the chosen scale passes at a share 0–1, and holds it; where none fits, nothing happens. */
export function putParent(workbench: Workbench, label: string, share: number): void {
	const { plate, scale, document } = workbench;
	if (!plate || !scale) return;
	workbench.edit(label, addParentAt(plate.id, scale.id, share, document.linked));
	const index = placesOf(workbench.scale ?? scale).findIndex((place) => Math.abs(place - share) < 1e-9);
	if (index > 0) workbench.hold({ kind: 'parent', scale: scale.id, index });
}
