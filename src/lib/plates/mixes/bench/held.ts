import { type Workbench } from '$lib/workbench/study/workbench.svelte';
import { type MixesPlace } from '../places';

/** What is held of the plate of mixes that is open; null while the mixer holds a linked colour. */
export const placeOn = ({ placeHeld }: Workbench): MixesPlace | null => placeHeld as MixesPlace | null;

/** The number of the parent, or the crossing, that is held; null where something else is. */
export function numberHeld(workbench: Workbench, what: 'parent' | 'crossing'): number | null {
	const place = placeOn(workbench);
	return place?.what === what ? Number(place.key) : null;
}
