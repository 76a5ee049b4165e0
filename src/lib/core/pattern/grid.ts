import { Problem } from '../problem';
import { arcCells, brickCells, hexagonCells, rectangleCells, ringCells, triangleCells, type Rows } from './cells';
import { bounds, middleOf, within, type Outline, type Point } from './outline';

/** Grids into which colours are laid. `triangle-upright` has an axis that stands, `triangle-level` one that lies. */
export const GRIDS = [
	'square',
	'brick',
	'triangle-level',
	'triangle-upright',
	'hexagon',
	'rings',
	'bands',
	'arcs'
] as const;
export type GridKind = (typeof GRIDS)[number];

export const LEAST_COLUMNS = 2;
export const MOST_COLUMNS = 60;

/** What decides a grid. */
export interface GridSpec {
	readonly kind: GridKind;
	/** How many cells go across; of rings how many sectors go round. A whole number, 2 to 60. */
	readonly columns: number;
	/** Cells are stretched so that they fill the whole height; otherwise they keep their shape, and what is left over stays free. */
	readonly stretched: boolean;
	/** Of bands: how broad each is beside the others, across and down; one band down makes stripes. */
	readonly bands?: { readonly across: readonly number[]; readonly down: readonly number[] };
}

export interface Cell {
	/** Its corners, clockwise; arcs in short lines. */
	readonly outline: Outline;
	/** The middle of its area. */
	readonly middle: Point;
}

/** A grid as it is laid out: its cells, row by row, and which of them touch along an edge. */
export interface Grid {
	readonly cells: readonly Cell[];
	readonly neighbours: readonly (readonly number[])[];
}

/**
 * Lays a grid into a box that begins at 0, 0. Of one shape, cells touch without a gap and never overlap.
 * @throws Problem `count` for columns outside 2 to 60, or for bands that are none.
 */
export function layGrid(spec: GridSpec, width: number, height: number): Grid {
	const { columns } = spec;
	if (!Number.isInteger(columns) || columns < LEAST_COLUMNS || columns > MOST_COLUMNS)
		throw new Problem('count', `A grid of ${columns} columns cannot be laid.`, `${LEAST_COLUMNS} to ${MOST_COLUMNS}`);
	const cells = outlinesOf(spec, width, height).map((outline) => ({ outline, middle: middleOf(outline) }));
	return { cells, neighbours: touching(cells) };
}

function outlinesOf(spec: GridSpec, width: number, height: number): Outline[] {
	const { kind, columns, stretched } = spec;
	switch (kind) {
		case 'square': {
			const side = width / columns;
			const rows = rowsOf(height, side, stretched);
			const high = stretched ? height / rows : side;
			return rectangleCells(evenly(columns, width), evenly(rows, rows * high));
		}
		case 'brick':
			return brickCells(columns, width, rowsIn(height, width / columns / 2, stretched));
		case 'triangle-level':
			return triangleCells(columns, width, rowsIn(height, (width / columns) * TRIANGLE_HEIGHT, stretched));
		case 'triangle-upright': {
			const side = (width / columns) * (1 / TRIANGLE_HEIGHT);
			const down = Math.max(1, Math.round(height / side));
			const high = stretched ? height : down * side;
			// The same grid seen from the side.
			return triangleCells(down, high, { count: columns, high: width / columns }).map(turned);
		}
		case 'hexagon':
			return hexagonCells(columns, width, height, stretched);
		case 'rings':
			return ringCells(columns, width, height);
		case 'arcs':
			return arcCells(columns, width, height);
		case 'bands':
			return rectangleCells(shares(spec.bands?.across, width), shares(spec.bands?.down, height));
	}
}

const TRIANGLE_HEIGHT = Math.sqrt(3) / 2;

/** Corners the other way round, so that they stay clockwise. */
const turned = (outline: Outline): Outline => outline.map(([x, y]): Point => [y, x]).reverse();

const rowsOf = (height: number, high: number, stretched: boolean): number =>
	Math.max(1, stretched ? Math.round(height / high) : Math.floor(height / high + 1e-9));

function rowsIn(height: number, high: number, stretched: boolean): Rows {
	const count = rowsOf(height, high, stretched);
	return { count, high: stretched ? height / count : high };
}

const evenly = (count: number, length: number): number[] =>
	Array.from({ length: count + 1 }, (_, i) => (i / count) * length);

/** Where bands of these widths begin and end in a length. */
function shares(widths: readonly number[] | undefined, length: number): number[] {
	const sum = widths?.reduce((all, width) => all + width, 0) ?? 0;
	if (!widths || widths.length === 0 || widths.length > MOST_COLUMNS || !(Math.min(...widths) > 0) || !(sum < Infinity))
		throw new Problem('count', 'These bands cannot be laid.', `1 to ${MOST_COLUMNS} widths over 0`);
	let at = 0;
	return [0, ...widths.map((width) => ((at += width) / sum) * length)];
}

/** Corners to a millionth: two cells have the same corner where they touch. */
const cornerKey = ([x, y]: Point): string => `${Math.round(x * 1e6)} ${Math.round(y * 1e6)}`;

/** Which cells touch along an edge. */
function touching(cells: readonly Cell[]): number[][] {
	const byEdge = new Map<string, number[]>();
	cells.forEach(({ outline }, i) =>
		outline.forEach((corner, k) => {
			const ends = [cornerKey(corner), cornerKey(outline[(k + 1) % outline.length]!)].sort();
			const key = ends.join(' ');
			byEdge.set(key, [...(byEdge.get(key) ?? []), i]);
		})
	);
	const found = cells.map(() => new Set<number>());
	for (const pair of byEdge.values())
		for (const one of pair) for (const other of pair) if (one !== other) found[one]!.add(other);
	return found.map((each) => [...each].sort((a, b) => a - b));
}

/** The number of the cell at a point; null where there is none. */
export function cellAt({ cells }: Grid, point: Point): number | null {
	const found = cells.findIndex(({ outline }) => {
		const { left, right, top, bottom } = bounds(outline);
		const [x, y] = point;
		return x >= left && x <= right && y >= top && y <= bottom && within(outline, point);
	});
	return found < 0 ? null : found;
}
