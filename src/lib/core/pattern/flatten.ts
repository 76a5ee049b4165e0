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

/** An elliptical arc as SVG paths have it: its radii, the turn of its first axis in degrees, and which of four arcs it is. */
export interface Arc {
	readonly rx: number;
	readonly ry: number;
	readonly turn: number;
	readonly large: boolean;
	readonly clockwise: boolean;
}

/** An arc as points after its first, no farther off it than a tolerance (SVG 1.1, appendix F.6: from ends to the middle). */
export function flatArc(from: Point, arc: Arc, to: Point, tolerance: number): Point[] {
	let [rx, ry] = [Math.abs(arc.rx), Math.abs(arc.ry)];
	if (rx === 0 || ry === 0) return [to];
	const angle = (arc.turn * Math.PI) / 180;
	const [cos, sin] = [Math.cos(angle), Math.sin(angle)];
	const [hx, hy] = [(from[0] - to[0]) / 2, (from[1] - to[1]) / 2];
	const [x, y] = [cos * hx + sin * hy, cos * hy - sin * hx];
	if (x === 0 && y === 0) return [to];
	// Radii that do not reach are made larger until they do.
	const short = Math.sqrt(Math.max(1, (x / rx) ** 2 + (y / ry) ** 2));
	[rx, ry] = [rx * short, ry * short];
	const under = (rx * y) ** 2 + (ry * x) ** 2;
	const root = Math.sqrt(Math.max(0, (rx * ry) ** 2 - under) / under) * (arc.large === arc.clockwise ? -1 : 1);
	const [mx, my] = [(root * rx * y) / ry, (-root * ry * x) / rx];
	const [cx, cy] = [cos * mx - sin * my + (from[0] + to[0]) / 2, sin * mx + cos * my + (from[1] + to[1]) / 2];
	const start = Math.atan2((y - my) / ry, (x - mx) / rx);
	let sweep = Math.atan2((-y - my) / ry, (-x - mx) / rx) - start;
	if (arc.clockwise && sweep < 0) sweep += 2 * Math.PI;
	if (!arc.clockwise && sweep > 0) sweep -= 2 * Math.PI;
	const each = 2 * Math.acos(1 - Math.min(1, tolerance / Math.max(rx, ry)));
	const count = Math.max(2, Math.ceil(Math.abs(sweep) / each));
	return Array.from({ length: count }, (_, i): Point => {
		if (i === count - 1) return to;
		const t = start + (sweep * (i + 1)) / count;
		const [ex, ey] = [rx * Math.cos(t), ry * Math.sin(t)];
		return [cos * ex - sin * ey + cx, sin * ex + cos * ey + cy];
	});
}
