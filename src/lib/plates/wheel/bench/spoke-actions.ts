import { linearToHex } from '$lib/core/colour/bytes';
import { type Step } from '$lib/core/scale/scale';
import { dulledEnd } from '$lib/core/scheme/hue-chart';
import { chartOf, hueRing } from '../chart-of';
import { hueSourceOf } from '../draw-wheel';
import { newId } from '$lib/model/ids';
import { type LinkedColour } from '$lib/model/linked';
import { plateOfScales } from '$lib/plates/scales/make';
import { MOST_SCALES } from '$lib/plates/scales/schema';
import { type ScaleDecision } from '$lib/plates/scales/scale';
import { type WheelPlate } from '../schema';
import { addPlate } from '$lib/model/edit-plates';
import { linkAll } from '$lib/workbench/study/link-all';
import { openPlate } from '$lib/workbench/index/plate-actions';
import { hasRoomForPlate } from '$lib/workbench/study/room';
import { type Workbench } from '$lib/workbench/study/workbench.svelte';
import { coloursOfSpoke } from '../cell-names';

/** Makes every colour of a spoke a linked colour of the study. */
export function linkSpoke(workbench: Workbench, plate: WheelPlate, spoke: number, steps: readonly Step[]): void {
	const colours = coloursOfSpoke(plate, spoke, steps).map(({ name, hex }): LinkedColour => ({
		id: newId(),
		name,
		text: hex,
		namedBy: 'machine'
	}));
	linkAll(workbench, 'Make a spoke linked colours', colours);
}

/** One side of a spoke as a scale of its own, made just as the ring is, with the end that the wheel leaves off. */
function scaleOfSide(plate: WheelPlate, side: 'inside' | 'outside', hue: Step, opposite: Step): ScaleDecision[] {
	const { recipe, count } = plate[side];
	if (count === 0) return [];
	// A scale finds the complement by itself only as a lead colour does that is turned as it is.
	const towards = recipe === 'dulling' && plate.from !== 'lead';
	const { method, dulling = 'mixed' } = plate;
	const end = towards ? linearToHex(...dulledEnd(hue.linear, opposite.linear, { method, dulling })) : opposite.hex;
	return [
		{
			id: newId(),
			recipe: towards ? 'interval' : recipe,
			parents: [{ text: hue.hex }, { text: end }],
			between: count,
			method,
			spacing: 'shares',
			wheel: plate.wheel,
			oneWay: true,
			dulling
		}
	];
}

/** A new plate with the spoke's scales, to be worked on further. Only true mixes have scales. */
export function spokeToScales(workbench: Workbench, plate: WheelPlate, spoke: number): void {
	if (!hasRoomForPlate(workbench.document)) return;
	const chart = chartOf(plate, workbench.document.linked);
	const hue = chart[spoke]!.steps[hueRing(plate)]!;
	const opposite = chart[(spoke + plate.hues / 2) % plate.hues]!.steps[hueRing(plate)]!;
	const scales = (['inside', 'outside'] as const).flatMap((side) => scaleOfSide(plate, side, hue, opposite));
	const name = `Hue ${spoke + 1}, ${hueSourceOf(plate, workbench.document.linked)}`;
	const added = plateOfScales(name, scales.slice(0, MOST_SCALES));
	workbench.edit('Make scales of a spoke', addPlate(added, plate.id));
	openPlate(workbench, added.id);
}
