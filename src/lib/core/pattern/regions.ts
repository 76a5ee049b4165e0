import { Problem } from '../problem';
import { cleaned, common, without } from './join';
import { areaOf, bounds, turnOf, within, type Outline, type Point } from './outline';

/** A shape that is filled: its rings, by the even-odd rule or the non-zero one. */
export interface ClosedShape {
	readonly rings: readonly Outline[];
	readonly evenOdd: boolean;
}

type Rings = readonly Outline[];
type Box = ReturnType<typeof bounds>;

/** A region smaller than this (square units) is what rounding leaves, and no region. */
const SLIVER = 0.02;

const areaOfRings = (rings: Rings): number => rings.reduce((sum, ring) => sum + turnOf(ring) / 2, 0);

const boxOf = (rings: Rings): Box => bounds(rings.flat());
const meet = (one: Box, other: Box): boolean =>
	one.left < other.right && other.left < one.right && one.top < other.bottom && other.top < one.bottom;

/** Rings as regions that hang together: each a shape with its own holes after it. */
function separate(rings: Rings): Outline[][] {
	const shapes = rings.filter((ring) => turnOf(ring) > 0).map((ring) => [ring] as Outline[]);
	const holes = rings.filter((ring) => turnOf(ring) < 0);
	const byArea = [...shapes].sort((one, other) => areaOf(one[0]!) - areaOf(other[0]!));
	for (const hole of holes) byArea.find((shape) => within(shape[0]!, insideOf(hole)))?.push(hole);
	return shapes;
}

/** A point just within a hole, by its first corner and the middle of it and the next. */
function insideOf(hole: Outline): Point {
	const [[ax, ay], [bx, by]] = [hole[0]!, hole[1]!];
	const [mx, my] = [(ax + bx) / 2, (ay + by) / 2];
	const long = Math.hypot(bx - ax, by - ay) || 1;
	// A hole goes anticlockwise, y down: what it holds lies to the left of its edges.
	return [mx + ((by - ay) / long) * 1e-3, my - ((bx - ax) / long) * 1e-3];
}

interface Region {
	readonly rings: Rings;
	readonly box: Box;
}

/**
 * Shapes divided where they cross: regions that do not overlap, and together cover what the shapes cover. Each is a shape with its holes.
 * @param most So many regions at most.
 * @param onshape Told how many shapes are done.
 * @throws Problem `regions` where there are more, or none.
 */
export function regionsOf(
	shapes: readonly ClosedShape[],
	most: number,
	onshape: (done: number) => void = () => {}
): Outline[][] {
	let regions: Region[] = [];
	shapes.forEach(({ rings, evenOdd }, done) => {
		onshape(done);
		let rest: Rings = cleaned(rings, evenOdd);
		if (rest.length === 0) return;
		const whole = rest;
		const box = boxOf(whole);
		const next: Region[] = [];
		const keep = (parts: Rings) => {
			for (const part of separate(parts)) if (areaOfRings(part) > SLIVER) next.push({ rings: part, box: boxOf(part) });
		};
		for (const region of regions) {
			if (!meet(region.box, box)) {
				next.push(region);
				continue;
			}
			const shared = common(region.rings, whole);
			if (areaOfRings(shared) <= SLIVER) {
				next.push(region);
				continue;
			}
			keep(shared);
			keep(without(region.rings, whole));
			rest = without(rest, region.rings);
		}
		keep(rest);
		regions = next;
		if (regions.length > most)
			throw new Problem(
				'regions',
				`The drawing has more than ${most} regions.`,
				`a drawing of ${most} regions at most`
			);
	});
	if (regions.length === 0)
		throw new Problem('regions', 'There are no closed shapes in the drawing.', 'outlines that enclose something');
	return noded(regions.map(({ rings }) => rings));
}

/** Corners are brought to a thousandth, so that regions which touch have the same ones. */
const fine = (value: number): number => Math.round(value * 1000) / 1000;
const ON_EDGE = 2e-3;

/** Regions with a corner wherever another one has one on their edge: what touches along an edge has the same edge then. */
function noded(regions: readonly Rings[]): Outline[][] {
	const rounded = regions.map((rings) => rings.map((ring) => ring.map(([x, y]): Point => [fine(x), fine(y)])));
	const all = rounded.flat(2);
	const { left, right, top, bottom } = bounds(all);
	const side = Math.max(right - left, bottom - top, 1) / 64;
	const key = (column: number, row: number): number => row * 100_000 + column;
	const boxes = new Map<number, Point[]>();
	const seen = new Set<string>();
	for (const point of all) {
		const text = point.join(' ');
		if (seen.has(text)) continue;
		seen.add(text);
		const at = key(Math.floor((point[0] - left) / side), Math.floor((point[1] - top) / side));
		boxes.set(at, [...(boxes.get(at) ?? []), point]);
	}
	const near = ([ax, ay]: Point, [bx, by]: Point): Point[] => {
		const found: Point[] = [];
		const column = (x: number): number => Math.floor((x - left) / side);
		const row = (y: number): number => Math.floor((y - top) / side);
		for (let i = row(Math.min(ay, by)); i <= row(Math.max(ay, by)); i++)
			for (let k = column(Math.min(ax, bx)); k <= column(Math.max(ax, bx)); k++)
				found.push(...(boxes.get(key(k, i)) ?? []));
		return found;
	};
	return rounded.map((rings) =>
		rings.map((ring) => ring.flatMap((from, i) => [from, ...onEdge(from, ring[(i + 1) % ring.length]!, near)]))
	);
}

/** The corners on an edge between its ends, in their order. */
function onEdge(from: Point, to: Point, near: (from: Point, to: Point) => Point[]): Point[] {
	const [dx, dy] = [to[0] - from[0], to[1] - from[1]];
	const long = Math.hypot(dx, dy);
	if (long === 0) return [];
	return near(from, to)
		.flatMap((point) => {
			const along = ((point[0] - from[0]) * dx + (point[1] - from[1]) * dy) / long;
			const off = Math.abs((point[0] - from[0]) * dy - (point[1] - from[1]) * dx) / long;
			return off <= ON_EDGE && along > ON_EDGE && along < long - ON_EDGE ? [{ point, along }] : [];
		})
		.sort((one, other) => one.along - other.along)
		.map(({ point }) => point);
}
