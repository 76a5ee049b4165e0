import { type Workbench } from '$lib/workbench/study/workbench.svelte';
import { type MatchingPlace } from '../exercise';

/** The number of the region that is held; null where none is. */
export function regionHeld(workbench: Workbench): number | null {
	const place = workbench.placeHeld as MatchingPlace | null;
	return place?.what === 'region' ? Number(place.key) : null;
}

export const holdRegion = (workbench: Workbench, index: number): void =>
	workbench.hold({ what: 'region', key: String(index) } satisfies MatchingPlace);
