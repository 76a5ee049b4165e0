import { readColour } from '$lib/core/colour/read';
import { fit } from '$lib/core/colour/shown';
import { type Triple } from '$lib/core/colour/vector';
import { type SchemePlate } from '$lib/model/scheme-plate';
import { within, type Coordinates } from '../mixer/coordinates';
import { moveAll } from '../study/scheme-edits';
import { type Workbench } from '../study/workbench.svelte';

/** Turns one coordinate of every member of a scheme by the same amount; each stops at the end of the range. */
export function turnAll(
	workbench: Workbench,
	plate: SchemePlate,
	coordinates: Coordinates,
	index: number,
	by: number,
	gesture: string
): void {
	const axis = coordinates.axes[index]!;
	const move = (linear: Triple): Triple => {
		const values = coordinates.of({ space: 'srgb-linear', channels: linear, alpha: 1 });
		const moved = values.map((value, i) => (i === index ? within(axis, value + by) : value));
		return fit(readColour(coordinates.text(moved))).linear;
	};
	workbench.edit('Turn all members', moveAll(plate.id, move), gesture);
}
