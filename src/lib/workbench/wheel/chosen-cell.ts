import { hueRing } from '$lib/drawing/wheel/chart-of';
import { type WheelPlate } from '$lib/model/wheel-plate';
import { type Workbench } from '../study/workbench.svelte';

/** A cell of a wheel by its spoke from the top and its ring from the middle, both from 0. */
export interface Cell {
	readonly spoke: number;
	readonly ring: number;
}

/** The cell that is held; the lead colour is the first hue. Null while the mixer holds a linked colour. */
export function chosenCell({ held }: Workbench, plate: WheelPlate): Cell | null {
	if (held?.kind === 'lead') return { spoke: 0, ring: hueRing(plate) };
	return held?.kind === 'cell' ? held : null;
}

/** Holds a cell: the first hue is the lead colour itself, unless value and chroma are given. */
export function holdCell(workbench: Workbench, plate: WheelPlate, spoke: number, ring: number): void {
	const isLead = spoke === 0 && ring === hueRing(plate) && plate.from !== 'given';
	workbench.hold(isLead ? { kind: 'lead' } : { kind: 'cell', spoke, ring });
}
