import { type Point } from './outline';

/** A curve between two points: quadratic with one point that draws it, cubic with two. */
const segmentsFor = (bend: number, tolerance: number): number =>
	Math.max(1, Math.ceil(Math.sqrt(bend / (8 * tolerance))));

const bendOf = ([ax, ay]: Point, [bx, by]: Point, [cx, cy]: Point): number =>
	Math.hypot(ax - 2 * bx + cx, ay - 2 * by + cy);

/**
 * A cubic Bézier curve as points after its first, no farther off it than a tolerance: the second differences bound how far a chord lies
 * off (e.g. W. Wang and others 1991; from memory).
 */
export function flatCubic(from: Point, one: Point, other: Point, to: Point, tolerance: number): Point[] {
	const count = segmentsFor(6 * Math.max(bendOf(from, one, other), bendOf(one, other, to)), tolerance);
	const at = (t: number, axis: 0 | 1): number => {
		const u = 1 - t;
		return u * u * u * from[axis] + 3 * u * u * t * one[axis] + 3 * u * t * t * other[axis] + t * t * t * to[axis];
	};
	return Array.from({ length: count }, (_, i): Point => {
		const t = (i + 1) / count;
		return i === count - 1 ? to : [at(t, 0), at(t, 1)];
	});
}

/** The same of a quadratic one. */
export function flatQuadratic(from: Point, by: Point, to: Point, tolerance: number): Point[] {
	const count = segmentsFor(2 * bendOf(from, by, to), tolerance);
	const at = (t: number, axis: 0 | 1): number =>
		(1 - t) * (1 - t) * from[axis] + 2 * (1 - t) * t * by[axis] + t * t * to[axis];
	return Array.from({ length: count }, (_, i): Point => {
		const t = (i + 1) / count;
		return i === count - 1 ? to : [at(t, 0), at(t, 1)];
	});
}
