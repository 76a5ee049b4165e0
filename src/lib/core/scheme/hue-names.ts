import { nearestHue } from '../colour/hue-direction';
import { turn } from '../colour/vector';
import { type Wheel } from './wheel';

/** The twelve hues of the painter's wheel, 30° apart, as they are taught (Itten 1961). */
const PAINTER = [
	'red',
	'red-orange',
	'orange',
	'yellow-orange',
	'yellow',
	'yellow-green',
	'green',
	'blue-green',
	'blue',
	'blue-violet',
	'violet',
	'red-violet'
] as const;

/** The twelve hues of the light wheel, 30° apart: the six of screens and print, and what lies between them. */
const LIGHT = [
	'red',
	'orange',
	'yellow',
	'yellow-green',
	'green',
	'green-cyan',
	'cyan',
	'cyan-blue',
	'blue',
	'violet',
	'magenta',
	'red-magenta'
] as const;

const TWELFTH = 30;

/**
 * What a hue is called by its place on a wheel, by the nearest of its twelve: a madder turned to orange is "orange" there, though alone
 * it would be a brown. The perceptual wheel has no names of its own; there the nearest hue word stands.
 */
export function hueOnWheel(wheel: Wheel, angle: number): string {
	if (wheel === 'perceptual') return nearestHue(angle);
	const names = wheel === 'painter' ? PAINTER : LIGHT;
	return names[Math.round(turn(angle) / TWELFTH) % names.length]!;
}
