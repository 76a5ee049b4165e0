import { areaOf, clippedAcross, type Outline, type Point } from './outline';

/** How many rows there are, and how high each is. */
export interface Rows {
	readonly count: number;
	readonly high: number;
}

/** Rectangles between lines across and lines down, row by row. */
export const rectangleCells = (xs: readonly number[], ys: readonly number[]): Outline[] =>
	ys.slice(1).flatMap((bottom, row) =>
		xs.slice(1).map((right, column): Outline => {
			const [left, top] = [xs[column]!, ys[row]!];
			return [
				[left, top],
				[right, top],
				[right, bottom],
				[left, bottom]
			];
		})
	);

/** What is left of shapes between the sides of the grid; a sliver is none. */
function between(outlines: readonly Outline[], width: number): Outline[] {
	return outlines
		.map((outline) => clippedAcross(outline, 0, width))
		.filter((outline) => outline.length > 2 && areaOf(outline) > 1e-6);
}

/** Bricks twice as long as high, every other row shifted by half. Each has the corners of those over and under it in its edges. */
export function brickCells(columns: number, width: number, { count, high }: Rows): Outline[] {
	const long = width / columns;
	return Array.from({ length: count }, (_, row) => {
		const shift = row % 2 === 0 ? 0 : -long / 2;
		const [top, bottom] = [row * high, (row + 1) * high];
		const bricks = Array.from({ length: columns + (row % 2) }, (_, i): Outline => {
			const left = shift + i * long;
			const [middle, right] = [left + long / 2, left + long];
			return [
				[left, top],
				[middle, top],
				[right, top],
				[right, bottom],
				[middle, bottom],
				[left, bottom]
			];
		});
		return between(bricks, width);
	}).flat();
}

/** Triangles that point up and down in turn; those at the sides are cut by half. */
export function triangleCells(columns: number, width: number, { count, high }: Rows): Outline[] {
	const half = width / columns / 2;
	return Array.from({ length: count }, (_, row) => {
		const [top, bottom] = [row * high, (row + 1) * high];
		const triangles = Array.from({ length: 2 * columns + 1 }, (_, i): Outline => {
			const k = i - 1;
			const [left, middle, right] = [k * half, (k + 1) * half, (k + 2) * half];
			const up = (k + row) % 2 === 0;
			return up
				? [
						[middle, top],
						[right, bottom],
						[left, bottom]
					]
				: [
						[left, top],
						[right, top],
						[middle, bottom]
					];
		});
		return between(triangles, width);
	}).flat();
}

/** Hexagons that stand on a corner, every other row shifted by half; with how broad each is, and how far it is to the next row. */
export function hexagonCells(columns: number, width: number, height: number, stretched: boolean) {
	const across = width / (columns + 0.5);
	const quarter = across / Math.sqrt(3) / 2;
	const fits = (height - quarter) / (3 * quarter);
	const rows = Math.max(1, stretched ? Math.round(fits) : Math.floor(fits + 1e-9));
	const scale = stretched ? height / ((3 * rows + 1) * quarter) : 1;
	const outlines = Array.from({ length: rows }, (_, row) =>
		Array.from({ length: columns }, (_, i): Outline => {
			const left = i * across + (row % 2) * (across / 2);
			const [middle, right] = [left + across / 2, left + across];
			const y = (steps: number): number => (3 * row + steps) * quarter * scale;
			return [
				[middle, y(0)],
				[right, y(1)],
				[right, y(3)],
				[middle, y(4)],
				[left, y(3)],
				[left, y(1)]
			];
		})
	).flat();
	return { outlines, across, high: 3 * quarter * scale };
}

/** No line for an arc is farther off it than this, in the units of the box. */
const NEAR_ENOUGH = 0.03;
const linesFor = (radius: number, angle: number): number =>
	Math.max(2, Math.ceil(angle / (2 * Math.acos(1 - Math.min(1, NEAR_ENOUGH / radius)))));

/** Rings about the middle, cut into sectors; the innermost are slices. From the outermost ring inwards, each from the top round. */
export function ringCells(sectors: number, width: number, height: number): Outline[] {
	const [cx, cy] = [width / 2, height / 2];
	const outer = Math.min(width, height) / 2;
	const rings = Math.max(1, Math.round(sectors / 4));
	const each = (2 * Math.PI) / sectors;
	const lines = linesFor(outer, each);
	const at = (radius: number, angle: number): Point => [cx + radius * Math.sin(angle), cy - radius * Math.cos(angle)];
	return Array.from({ length: rings }, (_, ring) => {
		const [far, near] = [outer * (1 - ring / rings), outer * (1 - (ring + 1) / rings)];
		return Array.from({ length: sectors }, (_, sector): Outline => {
			const angles = Array.from({ length: lines + 1 }, (_, i) => (sector + i / lines) * each);
			const over = angles.map((angle) => at(far, angle));
			const under = ring === rings - 1 ? [at(0, 0)] : [...angles].reverse().map((angle) => at(near, angle));
			return [...over, ...under];
		});
	}).flat();
}

/** Scales as of a fish: each a half disc on top, cut out below by the two that lie over it. */
export function arcCells(columns: number, width: number, height: number): Outline[] {
	const r = width / columns / 2;
	const lines = linesFor(r, Math.PI / 2);
	const rows = Math.max(1, Math.floor((height - r) / r + 1e-9));
	/** A quarter of a circle in short lines, by its middle and the angles in quarter turns from the right, clockwise. */
	const quarter = (cx: number, cy: number, from: number, to: number): Point[] =>
		Array.from({ length: lines }, (_, i) => {
			const angle = ((from + ((to - from) * i) / lines) * Math.PI) / 2;
			return [cx + r * Math.cos(angle), cy + r * Math.sin(angle)];
		});
	return Array.from({ length: rows }, (_, row) => {
		const y = r + row * r;
		const shift = row % 2 === 0 ? r : 0;
		const scales = Array.from({ length: columns + 1 - (row % 2 === 0 ? 1 : 0) }, (_, i): Outline => {
			const x = shift + i * 2 * r;
			return [
				...quarter(x, y, 2, 3),
				...quarter(x, y, 3, 4),
				...quarter(x + r, y + r, 3, 2),
				...quarter(x - r, y + r, 4, 3)
			];
		});
		return between(scales, width);
	}).flat();
}
