import { linearToHex } from '$lib/core/colour/bytes';
import { type Step } from '$lib/core/scale/scale';
import { neutralBetween } from '$lib/core/scheme/hue-chart';
import { chartOf, hueRing } from '$lib/drawing/wheel/chart-of';
import { hueSourceOf } from '$lib/drawing/wheel/draw-wheel';
import { newId } from '$lib/model/ids';
import { asLine } from '$lib/model/line';
import { MOST_PLATES, type LinkedColour } from '$lib/model/study';
import { MOST_SCALES, type ScalesPlate } from '$lib/model/plate';
import { type ScaleDecision } from '$lib/model/scale';
import { type WheelPlate } from '$lib/model/wheel-plate';
import { notices } from '$lib/ui/notices.svelte';
import { addPlate } from '../study/edits';
import { linkAll } from '../study/link-all';
import { type Workbench } from '../study/workbench.svelte';
import { coloursOfSpoke } from './wheel-subject';

/** Makes every colour of a spoke a linked colour of the study. */
export function linkSpoke(workbench: Workbench, plate: WheelPlate, spoke: number, steps: readonly Step[]): void {
	const colours = coloursOfSpoke(plate, spoke, steps).map(({ name, hex }): LinkedColour => ({
		id: newId(),
		name,
		text: hex
	}));
	linkAll(workbench, 'Make a spoke linked colours', colours);
}

/** One side of a spoke as a scale of its own, made just as the ring is, with the end that the wheel leaves off. */
function scaleOfSide(plate: WheelPlate, side: 'inside' | 'outside', hue: Step, opposite: Step): ScaleDecision[] {
	const { recipe, count } = plate[side];
	if (count === 0) return [];
	// A scale finds the complement by itself only as a lead colour does that is turned as it is.
	const towards = recipe === 'dulling' && plate.from !== 'lead';
	const end = towards ? linearToHex(...neutralBetween(hue.linear, opposite.linear, plate.method)) : opposite.hex;
	return [
		{
			id: newId(),
			recipe: towards ? 'interval' : recipe,
			parents: [{ text: hue.hex }, { text: end }],
			between: count,
			method: plate.method,
			spacing: 'shares',
			wheel: plate.wheel,
			oneWay: true
		}
	];
}

/** A new plate with the spoke's scales, to be worked on further. Only true mixes have scales. */
export function spokeToScales(workbench: Workbench, plate: WheelPlate, spoke: number): void {
	if (workbench.document.plates.length >= MOST_PLATES) {
		notices.say(`A study holds ${MOST_PLATES} plates at most.`);
		return;
	}
	const chart = chartOf(plate, workbench.document.linked);
	const hue = chart[spoke]!.steps[hueRing(plate)]!;
	const opposite = chart[(spoke + plate.hues / 2) % plate.hues]!.steps[hueRing(plate)]!;
	const scales = (['inside', 'outside'] as const).flatMap((side) => scaleOfSide(plate, side, hue, opposite));
	const name = `Hue ${spoke + 1}, ${hueSourceOf(plate, workbench.document.linked)}`;
	const added: ScalesPlate = {
		id: newId(),
		kind: 'scales',
		title: asLine(name),
		scales: scales.slice(0, MOST_SCALES)
	};
	workbench.edit('Make scales of a spoke', addPlate(added, plate.id));
	workbench.choosePlate(added.id);
}
