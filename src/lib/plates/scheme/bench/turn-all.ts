import { readColour } from '$lib/core/colour/read';
import { fit } from '$lib/core/colour/shown';
import { type Triple } from '$lib/core/colour/vector';
import { type SchemePlate } from '../schema';
import { type Turn } from '$lib/workbench/bench';
import { within } from '$lib/workbench/mixer/coordinates';
import { moveAll } from '../scheme-edits';
import { type Workbench } from '$lib/workbench/study/workbench.svelte';

/** Turns one coordinate of every member of a scheme by the same amount; each stops at the end of the range. */
export function turnAll(workbench: Workbench, { id }: SchemePlate, { coordinates, index, by, gesture }: Turn): void {
	const axis = coordinates.axes[index]!;
	const move = (linear: Triple): Triple => {
		const values = coordinates.of({ space: 'srgb-linear', channels: linear, alpha: 1 });
		const moved = values.map((value, i) => (i === index ? within(axis, value + by) : value));
		return fit(readColour(coordinates.text(moved))).linear;
	};
	workbench.edit('Turn all members', moveAll(id, move), gesture);
}
