import { type Triple } from '../../colour/vector';

/**
 * A form as it stands in its picture: x from −1 at the left to 1 at the right, y up, z towards the viewer, seen from straight before it.
 * Gives the unit normal of what is seen at a place, or null where the background is.
 */
export type Surface = (x: number, y: number) => Triple | null;

/** How far the picture reaches up and down, where its half width is 1. */
export const REACH = 1.1;

export const dot = (one: Readonly<Triple>, other: Readonly<Triple>): number =>
	one[0] * other[0] + one[1] * other[1] + one[2] * other[2];

export function unit([x, y, z]: Readonly<Triple>): Triple {
	const length = Math.hypot(x, y, z);
	return [x / length, y / length, z / length];
}
