import { type Box } from '$lib/drawing/box';
import { type MixPlace } from './exercise';
import { LEFT, WIDTH } from './mix-shapes';

/** The parents as one bar, each as broad as its parts; a parent of no parts keeps a sliver, so that it can be taken hold of. */
const PARENTS = { y: 72, height: 74, least: 10 } as const;

export function parentBoxes(parts: readonly number[], { y, height }: { y: number; height: number } = PARENTS): Box[] {
	const total = parts.reduce((sum, part) => sum + part, 0);
	const room = WIDTH - PARENTS.least * parts.length;
	let x = LEFT;
	return parts.map((part) => {
		const width = PARENTS.least + (room * part) / total;
		const box = { x, y, width, height };
		x += width;
		return box;
	});
}

/** The parts that put the seam after a parent at a place across the plate: what one gains its neighbour loses. */
export function partsAtSeam(parts: readonly number[], seam: number, x: number): [number, number] {
	const boxes = parentBoxes(parts);
	const both = parts[seam]! + parts[seam + 1]!;
	const start = boxes[seam]!.x + PARENTS.least;
	const room = boxes[seam]!.width + boxes[seam + 1]!.width - 2 * PARENTS.least;
	const share = room <= 0 ? 0.5 : Math.min(1, Math.max(0, (x - start) / room));
	const first = Math.round(both * share * 10) / 10;
	return [first, Math.round((both - first) * 10) / 10];
}

/** The parents of the bar as places. */
export const placesOfBar = (parts: readonly number[]): MixPlace[] =>
	parentBoxes(parts).map((box, i) => ({ what: 'parent', key: String(i), box }));
