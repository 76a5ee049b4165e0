import { hueRing } from '../chart-of';
import { type Cell } from '../cell';
import { type WheelPlace } from '../places';
import { type WheelPlate } from '../schema';
import { type Workbench } from '$lib/workbench/study/workbench.svelte';

/** What is held of the wheel that is open; null while the mixer holds a linked colour. */
export const placeOn = ({ placeHeld }: Workbench): WheelPlace | null => placeHeld as WheelPlace | null;

/** The cell that is held; the lead colour is the first hue. Null while the mixer holds a linked colour. */
export function chosenCell(workbench: Workbench, plate: WheelPlate): Cell | null {
	const held = placeOn(workbench);
	if (held?.kind === 'lead') return { spoke: 0, ring: hueRing(plate) };
	return held;
}

/** Holds a cell: the first hue is the lead colour itself, unless value and chroma are given. */
export function holdCell(workbench: Workbench, plate: WheelPlate, spoke: number, ring: number): void {
	const isLead = spoke === 0 && ring === hueRing(plate) && plate.from !== 'given';
	const place: WheelPlace = isLead ? { kind: 'lead' } : { kind: 'cell', spoke, ring };
	workbench.hold(place);
}
