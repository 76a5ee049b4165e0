import { type Workbench } from '$lib/workbench/study/workbench.svelte';
import { placeIn, type PatternPlace } from '../places';
import { type PatternPlate } from '../schema';
import { placeOn } from './filling';

/** The number of the climate that is held; the first while a linked colour is. */
export function climateHeld(workbench: Workbench, plate: PatternPlate): number {
	const place = placeOn(workbench);
	return place ? (placeIn(plate, place)?.climate ?? 0) : 0;
}

/** Holds a climate by its number: the colour of it that was held of another. */
export function holdClimate(workbench: Workbench, plate: PatternPlate, climate: number): void {
	const id = placeOn(workbench)?.id ?? plate.colours[0]!.id;
	const of = climate === 0 ? null : plate.climates[climate - 1]!.id;
	workbench.hold({ kind: 'colour', id, climate: of } satisfies PatternPlace);
}
