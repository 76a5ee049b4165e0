export type Point = readonly [x: number, y: number];
/** Corners of a closed shape. */
export type Outline = readonly Point[];

/** Twice the area with its sign: over 0 where the corners go clockwise, y down, as a shape does; under 0 as a hole in one. */
export const turnOf = (outline: Outline): number =>
	outline.reduce((sum, [x, y], i) => {
		const [nx, ny] = outline[(i + 1) % outline.length]!;
		return sum + x * ny - nx * y;
	}, 0);

export const areaOf = (outline: Outline): number => Math.abs(turnOf(outline)) / 2;

/** The middle of the area. */
export function middleOf(outline: Outline): Point {
	const whole = 3 * turnOf(outline);
	let [mx, my] = [0, 0];
	outline.forEach(([x, y], i) => {
		const [nx, ny] = outline[(i + 1) % outline.length]!;
		const cross = x * ny - nx * y;
		mx += (x + nx) * cross;
		my += (y + ny) * cross;
	});
	return [mx / whole, my / whole];
}

/** The upright rectangle about points; of none, infinitely small. */
export function bounds(points: readonly Point[]) {
	let [left, right, top, bottom] = [Infinity, -Infinity, Infinity, -Infinity];
	// There may be more points than a call takes arguments.
	for (const [x, y] of points) {
		left = Math.min(left, x);
		right = Math.max(right, x);
		top = Math.min(top, y);
		bottom = Math.max(bottom, y);
	}
	return { left, right, top, bottom };
}

/** Whether a point lies in a shape: a ray from it crosses its edges an odd number of times. */
export function within(outline: Outline, [px, py]: Point): boolean {
	let inside = false;
	outline.forEach(([x, y], i) => {
		const [nx, ny] = outline[(i + 1) % outline.length]!;
		if (y > py !== ny > py && px < ((nx - x) * (py - y)) / (ny - y) + x) inside = !inside;
	});
	return inside;
}

/** What of a shape lies between two upright lines (I. Sutherland and G. Hodgman 1974); nothing where less than a line is left. */
export function clippedAcross(outline: Outline, left: number, right: number): Outline {
	const cut = (corners: Outline, keeps: (x: number) => boolean, at: number): Point[] =>
		corners.flatMap((corner, i) => {
			const next = corners[(i + 1) % corners.length]!;
			const [x, y] = corner;
			const [nx, ny] = next;
			const crossing: Point = [at, y + ((ny - y) * (at - x)) / (nx - x)];
			if (keeps(x)) return keeps(nx) ? [corner] : [corner, crossing];
			return keeps(nx) ? [crossing] : [];
		});
	const cutLeft = cut(outline, (x) => x >= left - SAME, left);
	const cutBoth = cut(cutLeft, (x) => x <= right + SAME, right);
	// A corner that stands just on the line is cut into two.
	return cutBoth.filter(([x, y], i) => {
		const [bx, by] = cutBoth.at(i - 1)!;
		return Math.abs(x - bx) > SAME || Math.abs(y - by) > SAME;
	});
}

const SAME = 1e-9;
