import { seeded } from '../seeded';
import { finderOf } from './finder';
import { type Grid, type GridKind } from './grid';
import { type Point } from './outline';

/** How a row of colours is laid over a grid by rule. */
export const RULES = ['across', 'down', 'from-middle', 'round', 'arch', 'wave', 'spiral', 'random'] as const;
export type Rule = (typeof RULES)[number];

/** The middle of all cells together. */
function centre({ cells }: Grid): Point {
	const sum = cells.reduce(([x, y], { middle }) => [x + middle[0], y + middle[1]] as const, [0, 0] as Point);
	return [sum[0] / cells.length, sum[1] / cells.length];
}

/** Curves on a field that is 1 broad and 1 high, from their beginning (0) to their end (1). */
const CURVES = {
	arch: (t: number): Point => [t, 0.95 - 3.4 * t * (1 - t)],
	wave: (t: number): Point => [t, 0.5 - 0.36 * Math.sin(2 * Math.PI * t)],
	spiral: (t: number): Point => {
		const turn = 2 * Math.PI * 2.5 * t;
		return [0.5 + 0.62 * t * Math.sin(turn), 0.5 - 0.62 * t * Math.cos(turn)];
	}
} as const;
const ON_CURVE = 240;

/** How far along a curve the point of it is that lies nearest to each cell. */
function alongCurve(grid: Grid, curve: (t: number) => Point): number[] {
	const [xs, ys] = [grid.cells.map(({ middle }) => middle[0]), grid.cells.map(({ middle }) => middle[1])];
	const [left, top] = [Math.min(...xs), Math.min(...ys)];
	const [width, height] = [Math.max(...xs) - left, Math.max(...ys) - top];
	const points = Array.from({ length: ON_CURVE + 1 }, (_, i): Point => {
		const [x, y] = curve(i / ON_CURVE);
		return [left + x * width, top + y * height];
	});
	return grid.cells.map(({ middle: [x, y] }) => {
		let [best, least] = [0, Infinity];
		points.forEach(([px, py], i) => {
			const off = (px - x) ** 2 + (py - y) ** 2;
			if (off < least) [best, least] = [i, off];
		});
		return best;
	});
}

/** Where a cell stands by a rule, as a number that rises along it. */
function alongOf(grid: Grid, rule: Exclude<Rule, 'random'>): number[] {
	if (rule === 'arch' || rule === 'wave' || rule === 'spiral') return alongCurve(grid, CURVES[rule]);
	const [cx, cy] = centre(grid);
	return grid.cells.map(({ middle: [x, y] }) => {
		if (rule === 'across') return x;
		if (rule === 'down') return y;
		if (rule === 'from-middle') return Math.hypot(x - cx, y - cy);
		// Clockwise from the top.
		return (Math.atan2(x - cx, cy - y) + 2 * Math.PI) % (2 * Math.PI);
	});
}

/** Cells that stand as far along as each other, but for the rounding of the reckoning. */
const SAME = 1e-6;

/**
 * Lays so many colours over a grid: for each cell the number of its colour. Cells that stand equally far along get the same, and every
 * colour is used where there are as many places along the way. By random with a seed no two neighbours are alike, as far as that goes.
 */
export function layByRule(grid: Grid, count: number, rule: Rule, seed = 1): number[] {
	if (rule === 'random') return layAtRandom(grid, count, seed);
	const along = alongOf(grid, rule);
	const places = [...along]
		.sort((one, other) => one - other)
		.filter((at, i, all) => i === 0 || at - all[i - 1]! > SAME);
	const placeOf = (at: number): number => {
		let [low, high] = [0, places.length - 1];
		while (low < high) {
			const middle = (low + high + 1) >> 1;
			if (places[middle]! <= at + SAME) low = middle;
			else high = middle - 1;
		}
		return low;
	};
	return along.map((at) => Math.min(count - 1, Math.floor((placeOf(at) / places.length) * count)));
}

function layAtRandom({ cells, neighbours }: Grid, count: number, seed: number): number[] {
	const next = seeded(seed);
	const laid: number[] = [];
	cells.forEach((_, i) => {
		const beside = neighbours[i]!.filter((other) => other < i).map((other) => laid[other]!);
		const free = Array.from({ length: count }, (_, colour) => colour).filter((colour) => !beside.includes(colour));
		const choice = free.length > 0 ? free : [laid[i - 1] ?? 0];
		laid.push(choice[Math.floor(next() * choice.length)]!);
	});
	return laid;
}

/** The cells that a straight line passes, in its order. */
export function cellsOnLine(grid: Grid, [x, y]: Point, [tx, ty]: Point): number[] {
	const find = finderOf(grid);
	const least = Math.sqrt(
		Math.min(...[find([x, y]), find([tx, ty])].map((cell) => (cell === null ? 1e9 : grid.cells[cell]!.area)))
	);
	const steps = Math.min(4000, Math.max(1, Math.ceil((8 * Math.hypot(tx - x, ty - y)) / Math.min(least, 40))));
	const found = new Set<number>();
	for (let i = 0; i <= steps; i++) {
		const cell = find([x + ((tx - x) * i) / steps, y + ((ty - y) * i) / steps]);
		if (cell !== null) found.add(cell);
	}
	return [...found];
}

/** The cells from one to another in a straight line. */
export const cellsAlong = (grid: Grid, from: number, to: number): number[] =>
	cellsOnLine(grid, grid.cells[from]!.middle, grid.cells[to]!.middle);

/** The directions of a grid, in degrees from level, clockwise: along them its cells lie in rows. Rings have none. */
export const DIRECTIONS: Readonly<Record<GridKind, readonly number[]>> = {
	square: [0, 90],
	bands: [0, 90],
	brick: [0, 90],
	arcs: [0, 90],
	'triangle-level': [0, 60, 120],
	'triangle-upright': [30, 90, 150],
	hexagon: [0, 60, 120],
	rings: []
};

/** A point brought onto the nearest of some directions (degrees) from another. */
export function alongDirection(directions: readonly number[], [x, y]: Point, [tx, ty]: Point): Point {
	const lines = directions.map((degrees): Point => {
		const angle = (degrees * Math.PI) / 180;
		const along = (tx - x) * Math.cos(angle) + (ty - y) * Math.sin(angle);
		return [x + along * Math.cos(angle), y + along * Math.sin(angle)];
	});
	const off = ([px, py]: Point): number => Math.hypot(px - tx, py - ty);
	return lines.reduce<Point | null>((best, each) => (best && off(best) <= off(each) ? best : each), null) ?? [tx, ty];
}

/** Cells of a rectangle between two points, by their middles. */
export function cellsBetween({ cells }: Grid, [x, y]: Point, [tx, ty]: Point): number[] {
	const [left, right, top, bottom] = [Math.min(x, tx), Math.max(x, tx), Math.min(y, ty), Math.max(y, ty)];
	return cells.flatMap(({ middle: [mx, my] }, cell) =>
		mx >= left && mx <= right && my >= top && my <= bottom ? [cell] : []
	);
}

/** How far a cell may lie from the direction that is asked for, as the cosine of the angle. */
const ASIDE = 0.5;

/** The next cell in a direction: of those about it the one that lies nearest and straightest; null at the edge. */
export function nextCell({ cells, neighbours }: Grid, from: number, [dx, dy]: Point): number | null {
	const about = new Set([...neighbours[from]!, ...neighbours[from]!.flatMap((each) => neighbours[each]!)]);
	about.delete(from);
	const [x, y] = cells[from]!.middle;
	let [best, least]: [number | null, number] = [null, Infinity];
	for (const cell of about) {
		const [mx, my] = [cells[cell]!.middle[0] - x, cells[cell]!.middle[1] - y];
		const far = Math.hypot(mx, my);
		const straight = (mx * dx + my * dy) / far;
		if (straight > ASIDE && far / straight ** 2 < least) [best, least] = [cell, far / straight ** 2];
	}
	return best;
}

/** The cells that hang together with one and have the same content, itself among them. */
export function sameAround<T>({ neighbours }: Grid, content: readonly T[], from: number): number[] {
	const found = new Set([from]);
	for (const cell of found)
		for (const other of neighbours[cell]!) if (content[other] === content[from]) found.add(other);
	return [...found].sort((one, other) => one - other);
}

/** The share of the area that each content covers, 0–1, of what is filled; null content is none. */
export function sharesOf<T>({ cells }: Grid, content: readonly (T | null)[]): Map<T, number> {
	const areas = new Map<T, number>();
	let whole = 0;
	cells.forEach(({ area }, i) => {
		const own = content[i] ?? null;
		if (own === null) return;
		areas.set(own, (areas.get(own) ?? 0) + area);
		whole += area;
	});
	return new Map([...areas].map(([own, area]) => [own, area / whole]));
}
