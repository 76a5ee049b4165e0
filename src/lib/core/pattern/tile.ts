import { finderOf } from './finder';
import { type LaidGrid } from './grid';
import { bounds, type Point } from './outline';
import { repeatsOf, type Symmetry } from './symmetry';

/** An upright rectangle that, laid beside itself and under itself, makes the whole design. */
export interface Tile {
	readonly x: number;
	readonly y: number;
	readonly width: number;
	readonly height: number;
}

const NEAR = 1e-6;
const isWhole = (value: number): boolean => Math.abs(value - Math.round(value)) < NEAR;
/** No design is laid in more. */
const MOST = 120;

/** How often a repeat comes until it has come back level with where the other one is: a rectangle has no slant. */
function level(along: number, aside: number, other: number): number | null {
	for (let times = 1; times <= MOST; times++) if (isWhole((times * aside) / other)) return times * along;
	return null;
}

/**
 * The tile of a design that repeats in two directions, as far within the grid as there is room, so that cells that are cut at its edge lie
 * outside; null where it does not repeat so, or where the grid has no room for a whole one.
 */
export function tileOf(grid: LaidGrid, symmetry: Symmetry): Tile | null {
	if (!grid.pitch) return null;
	const [one, other] = repeatsOf(grid.pitch, symmetry) as [Point?, Point?];
	if (!one || !other) return null;
	const [[ax, ay], [bx, by]] = [one, other];
	// A repeat that leans against both axes makes no upright rectangle of a few of itself.
	if (Math.abs(ay) > NEAR && Math.abs(bx) > NEAR) return null;
	const width = Math.abs(ay) > NEAR ? level(ax, ay, by) : ax;
	const height = Math.abs(bx) > NEAR ? level(by, bx, ax) : by;
	if (width === null || height === null) return null;
	const { left, right, top, bottom } = bounds(grid.corners);
	const inset = (length: number, room: number, by: number): number => Math.min(by, Math.max(0, (room - length) / 2));
	if (width > right - left + NEAR || height > bottom - top + NEAR) return null;
	return {
		x: left + inset(width, right - left, grid.pitch.column.along),
		y: top + inset(height, bottom - top, grid.pitch.row.along),
		width,
		height
	};
}

/** Whether the content of cells is the same one repeat farther, wherever both lie on the grid and are whole. */
export function repeats<T>(grid: LaidGrid, content: readonly T[], symmetry: Symmetry): boolean {
	const find = finderOf(grid);
	const moves = grid.pitch ? repeatsOf(grid.pitch, symmetry) : [];
	return grid.cells.every(({ middle: [x, y], area }, cell) =>
		moves.every(([dx, dy]) => {
			const there = find([x + dx, y + dy]);
			const isCut = there !== null && Math.abs(grid.cells[there]!.area - area) > 0.02 * area;
			return there === null || isCut || content[there] === content[cell];
		})
	);
}
