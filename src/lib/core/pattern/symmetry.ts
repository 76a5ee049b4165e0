import { finderOf } from './finder';
import { type Grid, type LaidGrid, type Pitch } from './grid';
import { type Point } from './outline';

export const MIRRORS = ['none', 'upright', 'level', 'both'] as const;
export type Mirror = (typeof MIRRORS)[number];
export const TURNS = [1, 2, 3, 4, 6] as const;
export type Turns = (typeof TURNS)[number];

/** What of a design is the same again: every so many columns and rows (0: not), mirrored in axes, turned about a middle. */
export interface Symmetry {
	readonly across: number;
	readonly down: number;
	readonly mirror: Mirror;
	readonly turns: Turns;
}

export const NO_SYMMETRY: Symmetry = { across: 0, down: 0, mirror: 'none', turns: 1 };

/** A turn or a mirror about a middle: x' = a x + b y, y' = c x + d y. */
type Matrix = readonly [a: number, b: number, c: number, d: number];

const turn = (share: number): Matrix => {
	const [cos, sin] = [Math.cos(2 * Math.PI * share), Math.sin(2 * Math.PI * share)];
	return [cos, -sin, sin, cos];
};

/** A cell is found again where its middle lies this near, as a share of its breadth. */
const NEAR = 0.02;

type Move = (point: Point) => Point;

const about =
	([a, b, c, d]: Matrix, [cx, cy]: Point): Move =>
	([x, y]) => [cx + a * (x - cx) + b * (y - cy), cy + c * (x - cx) + d * (y - cy)];

/** The cell that one becomes by a move; null where it comes to lie outside, or over no cell of its size. */
function movedCell(grid: Grid, cell: number, move: Move): number | null {
	const { middle, area, outline } = grid.cells[cell]!;
	const point = move(middle);
	const found = finderOf(grid)(point);
	if (found === null) return null;
	const other = grid.cells[found]!;
	const near = NEAR * Math.sqrt(area);
	const isNear = ([x, y]: Point, [ox, oy]: Point): boolean => Math.hypot(x - ox, y - oy) <= near;
	if (!isNear(other.middle, point) || Math.abs(other.area - area) > NEAR * area) return null;
	// A triangle that points up is no triangle that points down: a corner comes to lie on a corner.
	const corner = move(outline[0]!);
	return other.outline.some((each) => isNear(each, corner)) ? found : null;
}

/** Whether a cell has others on all sides: those at the border may be cut. */
const isInner = (grid: Grid, cell: number): boolean => grid.sides[cell]!.every(({ other }) => other !== null);

function middleOfAll({ corners }: Grid): Point {
	const [xs, ys] = [corners.map(([x]) => x), corners.map(([, y]) => y)];
	return [(Math.min(...xs) + Math.max(...xs)) / 2, (Math.min(...ys) + Math.max(...ys)) / 2];
}

/** Points about which a grid may be turned or mirrored, those nearest to its middle first: corners, middles of cells and of edges. */
function centres(grid: Grid): Point[] {
	const [mx, my] = middleOfAll(grid);
	const off = ([x, y]: Point): number => Math.hypot(x - mx, y - my);
	const edges = grid.sides.flatMap((sides) =>
		sides.map(({ from, to }): Point => {
			const [[x, y], [tx, ty]] = [grid.corners[from]!, grid.corners[to]!];
			return [(x + tx) / 2, (y + ty) / 2];
		})
	);
	const all: Point[] = [[mx, my], ...grid.corners, ...grid.cells.map(({ middle }) => middle), ...edges];
	return all.sort((one, other) => off(one) - off(other)).slice(0, 40);
}

/** So many of its cells are tried. */
const TRIED = 160;
/** Whether a move brings a grid onto itself, as far as what it moves stays within it. */
function carries(grid: Grid, move: Move): boolean {
	const step = Math.max(1, Math.floor(grid.cells.length / TRIED));
	const find = finderOf(grid);
	let met = 0;
	for (let cell = 0; cell < grid.cells.length; cell += step) {
		if (!isInner(grid, cell)) continue;
		const there = find(move(grid.cells[cell]!.middle));
		if (there === null || !isInner(grid, there)) continue;
		if (movedCell(grid, cell, move) === null) return false;
		met++;
	}
	return met > 0;
}

const UPRIGHT: Matrix = [-1, 0, 0, 1];
const LEVEL: Matrix = [1, 0, 0, -1];

/** The turns and mirrors that generate the rest. */
function generators({ mirror, turns }: Symmetry): Matrix[] {
	return [
		...(turns > 1 ? [turn(1 / turns)] : []),
		...(mirror === 'upright' || mirror === 'both' ? [UPRIGHT] : []),
		...(mirror === 'level' || mirror === 'both' ? [LEVEL] : [])
	];
}

/** The middle about which a symmetry brings a grid onto itself; null where there is none. */
function centreFor(grid: Grid, symmetry: Symmetry): Point | null {
	const all = generators(symmetry);
	if (all.length === 0) return middleOfAll(grid);
	return centres(grid).find((centre) => all.every((matrix) => carries(grid, about(matrix, centre)))) ?? null;
}

/** How far the design is moved to come onto itself: every so many columns, and rows. Turned by more than a half, both ways alike. */
export function repeatsOf(pitch: Pitch, { across, down, turns }: Symmetry): Point[] {
	const column: Point = [across * pitch.column.along, across % 2 === 1 ? pitch.column.shift : 0];
	if (turns > 2 && across > 0) {
		const [a, b, c, d] = turn(turns === 4 ? 1 / 4 : 1 / 6);
		return [column, [a * column[0] + b * column[1], c * column[0] + d * column[1]]];
	}
	const row: Point = [down % 2 === 1 ? pitch.row.shift : 0, down * pitch.row.along];
	return [...(across > 0 ? [column] : []), ...(down > 0 ? [row] : [])];
}

/** Which turns and mirrors a grid has at all. */
export function symmetriesOf(grid: Grid): { readonly turns: readonly Turns[]; readonly mirrors: readonly Mirror[] } {
	const known = offered.get(grid);
	if (known) return known;
	const has = (part: Partial<Symmetry>): boolean => centreFor(grid, { ...NO_SYMMETRY, ...part }) !== null;
	const found = {
		turns: TURNS.filter((turns) => turns === 1 || has({ turns })),
		mirrors: MIRRORS.filter((mirror) => mirror === 'none' || has({ mirror }))
	};
	offered.set(grid, found);
	return found;
}
const offered = new WeakMap<Grid, ReturnType<typeof symmetriesOf>>();

/** A point brought near the middle by whole repeats. */
function broughtBack([x, y]: Point, repeats: readonly Point[], [cx, cy]: Point): Point {
	if (repeats.length === 0) return [x, y];
	const [first, second] = repeats as [Point, Point | undefined];
	const other = second ?? [-first[1], first[0]];
	const whole = first[0] * other[1] - first[1] * other[0];
	const [dx, dy] = [x - cx, y - cy];
	const a = Math.round((dx * other[1] - dy * other[0]) / whole);
	const b = second ? Math.round((first[0] * dy - first[1] * dx) / whole) : 0;
	return [x - a * first[0] - b * other[0], y - a * first[1] - b * other[1]];
}

/**
 * For each cell the cells that are the same as it by a symmetry, itself among them, in rising order: what is done to one is done to all.
 * A symmetry that the grid does not have leaves each alone.
 */
export function alikeBy(grid: LaidGrid, symmetry: Symmetry): readonly (readonly number[])[] {
	const parents = grid.cells.map((_, i) => i);
	const rootOf = (cell: number): number => {
		let root = cell;
		while (parents[root] !== root) root = parents[root]!;
		for (let each = cell; each !== root;) [each, parents[each]] = [parents[each]!, root];
		return root;
	};
	const join = (one: number, other: number | null) => {
		if (other !== null) parents[Math.max(rootOf(one), rootOf(other))] = Math.min(rootOf(one), rootOf(other));
	};
	const repeats = grid.pitch ? repeatsOf(grid.pitch, symmetry) : [];
	const centre = centreFor(grid, symmetry);
	const turned = centre === null ? [] : generators(symmetry).map((matrix) => about(matrix, centre));
	grid.cells.forEach((_, cell) => {
		for (const [dx, dy] of repeats)
			join(
				cell,
				movedCell(grid, cell, ([x, y]) => [x + dx, y + dy])
			);
		for (const move of turned) {
			const there = movedCell(grid, cell, move);
			join(cell, there ?? movedCell(grid, cell, (point) => broughtBack(move(point), repeats, centre!)));
		}
	});
	const members = new Map<number, number[]>();
	grid.cells.forEach((_, cell) => {
		const root = rootOf(cell);
		const there = members.get(root);
		if (there) there.push(cell);
		else members.set(root, [cell]);
	});
	return grid.cells.map((_, cell) => members.get(rootOf(cell))!);
}

/** A block of a design, as it is laid elsewhere: turned so many times by the smallest turn of the grid, and mirrored before that or not. */
export interface BlockMove {
	readonly from: number;
	readonly to: number;
	readonly turns: number;
	/** How many turns make a whole one. */
	readonly inWhole: number;
	readonly mirrored: boolean;
}

/** Where each cell of a block comes to lie when its first cell is laid on another; null where it finds no cell of its size. */
export function laidElsewhere(grid: Grid, block: readonly number[], move: BlockMove): (number | null)[] {
	const [fx, fy] = grid.cells[move.from]!.middle;
	const [tx, ty] = grid.cells[move.to]!.middle;
	const [a, b, c, d] = turn(move.turns / move.inWhole);
	return block.map((cell) =>
		movedCell(grid, cell, ([x, y]) => {
			const [dx, dy] = [(move.mirrored ? -1 : 1) * (x - fx), y - fy];
			return [tx + a * dx + b * dy, ty + c * dx + d * dy];
		})
	);
}
