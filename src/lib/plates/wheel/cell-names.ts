import { colourWords } from '$lib/core/colour/hue-words';
import { type Step } from '$lib/core/scale/scale';
import { ringName } from '$lib/core/scheme/chart-words';
import { hueOnWheel } from '$lib/core/scheme/hue-names';
import { isGrey } from '$lib/core/colour/hueless';
import { type NamedCode } from '../kind';
import { type LinkedColour } from '$lib/model/linked';
import { chartOf, hueRing } from './chart-of';
import { type Cell } from './cell';
import { type WheelPlate } from './schema';

/** What a hue of the wheel is called: by its place on the wheel; in words of its own where it has no hue there. */
export function hueName(plate: WheelPlate, angle: number, steps: readonly Step[]): string {
	const { linear } = steps[hueRing(plate)]!;
	return isGrey(linear) ? colourWords(linear) : hueOnWheel(plate.wheel, angle);
}

/** "Hue 3 of 12", "Tint 2 of hue 3" */
export function cellName(plate: WheelPlate, { spoke, ring }: Cell): string {
	const out = ring - hueRing(plate);
	if (out === 0) return `Hue ${spoke + 1} of ${plate.hues}`;
	return `${ringName((out < 0 ? plate.inside : plate.outside).recipe, Math.abs(out))} of hue ${spoke + 1}`;
}

/** The colours of a spoke with their names, from the middle outwards. */
export const coloursOfSpoke = (plate: WheelPlate, spoke: number, steps: readonly Step[]): NamedCode[] =>
	steps.map(({ hex }, ring) => ({ name: cellName(plate, { spoke, ring }), hex }));

/** All colours of a wheel, spoke by spoke from the middle outwards. */
export const coloursOfWheel = (plate: WheelPlate, linked: readonly LinkedColour[]): NamedCode[] =>
	chartOf(plate, linked).flatMap(({ steps }, spoke) => coloursOfSpoke(plate, spoke, steps));
