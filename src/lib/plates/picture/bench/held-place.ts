import { type PicturePlace } from '../places';
import { type PicturePlate, type PlaceDecision } from '../schema';
import { type Workbench } from '$lib/workbench/study/workbench.svelte';

/** What is held of the picture that is open; null while the mixer holds a linked colour. */
export const heldOn = ({ placeHeld }: Workbench): PicturePlace | null => placeHeld as PicturePlace | null;

/** The place that is held, with its number from 0; null where something else is. */
export function placeHeldOn(
	workbench: Workbench,
	{ places }: PicturePlate
): { readonly place: PlaceDecision; readonly index: number } | null {
	const held = heldOn(workbench);
	const index = held?.kind === 'place' ? places.findIndex(({ id }) => id === held.id) : -1;
	return index < 0 ? null : { place: places[index]!, index };
}
