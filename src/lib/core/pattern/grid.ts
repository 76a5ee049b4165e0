import { Problem } from '../problem';
import { arcCells, brickCells, hexagonCells, rectangleCells, ringCells, triangleCells, type Rows } from './cells';
import { areaOf, middleOf, type Outline, type Point } from './outline';

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

/** A cell of a grid, or a region of a drawing. */
export interface Cell {
	/** Its corners, clockwise; arcs in short lines. */
	readonly outline: Outline;
	/** What is cut out of it, each anticlockwise. */
	readonly holes: readonly Outline[];
	/** The middle of its area; of a region with holes, of the area with them. */
	readonly middle: Point;
	readonly area: number;
}

/** A piece of a cell's edge, by the numbers of its corners, and the cell on the other side; null where there is none. */
export interface Side {
	readonly from: number;
	readonly to: number;
	readonly other: number | null;
}

/** Cells that touch without a gap: their corners, each once, their sides, and which of them touch along an edge. */
export interface Grid {
	readonly cells: readonly Cell[];
	readonly corners: readonly Point[];
	readonly sides: readonly (readonly Side[])[];
	readonly neighbours: readonly (readonly number[])[];
}

/** How far it is to the same place of a grid in the next column or row, and by how much an odd number of them is shifted sideways. */
export interface Pitch {
	readonly column: { readonly along: number; readonly shift: number };
	readonly row: { readonly along: number; readonly shift: number };
}

/** A grid with its pitch; null where it does not repeat. */
export interface LaidGrid extends Grid {
	readonly pitch: Pitch | null;
}

interface Laid {
	readonly outlines: readonly Outline[];
	readonly pitch: Pitch | null;
}

export const cellOf = (outline: Outline, holes: readonly Outline[] = []): Cell => ({
	outline,
	holes,
	middle: middleOf(outline),
	area: areaOf(outline) - holes.reduce((sum, hole) => sum + areaOf(hole), 0)
});

/**
 * Lays a grid into a box that begins at 0, 0. Of one shape, cells touch without a gap and never overlap.
 * @throws Problem `count` for columns outside 2 to 60, or for bands that are none.
 */
export function layGrid(spec: GridSpec, width: number, height: number): LaidGrid {
	const { columns } = spec;
	if (!Number.isInteger(columns) || columns < LEAST_COLUMNS || columns > MOST_COLUMNS)
		throw new Problem('count', `A grid of ${columns} columns cannot be laid.`, `${LEAST_COLUMNS} to ${MOST_COLUMNS}`);
	const { outlines, pitch } = laidOut(spec, width, height);
	return { ...gridOf(outlines.map((outline) => cellOf(outline))), pitch };
}

/** Cells with what touches what: two touch where an edge of one is an edge of the other, to a millionth. */
export const gridOf = (cells: readonly Cell[]): Grid => ({ cells, ...touching(cells) });

const pitchOf = (column: number, row: number, shifts: { column?: number; row?: number } = {}): Pitch => ({
	column: { along: column, shift: shifts.column ?? 0 },
	row: { along: row, shift: shifts.row ?? 0 }
});

function laidOut(spec: GridSpec, width: number, height: number): Laid {
	const { kind, columns, stretched } = spec;
	const wide = width / columns;
	switch (kind) {
		case 'square': {
			const rows = rowsOf(height, wide, stretched);
			const high = stretched ? height / rows : wide;
			return {
				outlines: rectangleCells(evenly(columns, width), evenly(rows, rows * high)),
				pitch: pitchOf(wide, high)
			};
		}
		case 'brick': {
			const rows = rowsIn(height, wide / 2, stretched);
			return { outlines: brickCells(columns, width, rows), pitch: pitchOf(wide, rows.high, { row: wide / 2 }) };
		}
		case 'triangle-level': {
			const rows = rowsIn(height, wide * TRIANGLE_HEIGHT, stretched);
			return { outlines: triangleCells(columns, width, rows), pitch: pitchOf(wide, rows.high, { row: wide / 2 }) };
		}
		case 'triangle-upright': {
			const down = Math.max(1, Math.round((height * TRIANGLE_HEIGHT) / wide));
			const high = stretched ? height / down : wide / TRIANGLE_HEIGHT;
			// The same grid seen from the side.
			const outlines = triangleCells(down, down * high, { count: columns, high: wide }).map(turned);
			return { outlines, pitch: pitchOf(wide, high, { column: high / 2 }) };
		}
		case 'hexagon': {
			const { outlines, across, high } = hexagonCells(columns, width, height, stretched);
			return { outlines, pitch: pitchOf(across, high, { row: across / 2 }) };
		}
		case 'rings':
			return { outlines: ringCells(columns, width, height), pitch: null };
		case 'arcs':
			return { outlines: arcCells(columns, width, height), pitch: pitchOf(wide, wide / 2, { row: wide / 2 }) };
		case 'bands':
			return {
				outlines: rectangleCells(shares(spec.bands?.across, width), shares(spec.bands?.down, height)),
				pitch: null
			};
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

/** Edges belong together by the numbers of their corners; no grid has more corners than this. */
const MOST_CORNERS = 2 ** 22;

/** The corners of cells, each once, and which cells touch along an edge. */
function touching(cells: readonly Cell[]): Omit<Grid, 'cells'> {
	const corners: Point[] = [];
	const numbers = new Map<string, number>();
	const numberOf = (corner: Point): number => {
		const key = cornerKey(corner);
		const known = numbers.get(key);
		if (known !== undefined) return known;
		numbers.set(key, corners.length);
		return corners.push(corner) - 1;
	};
	const edges = new Map<number, number[]>();
	const keyOf = (from: number, to: number): number => Math.min(from, to) * MOST_CORNERS + Math.max(from, to);
	const ends = cells.map(({ outline, holes }, cell) =>
		[outline, ...holes].flatMap((ring) => {
			const ids = ring.map(numberOf);
			return ids.map((from, k) => {
				const to = ids[(k + 1) % ids.length]!;
				const there = edges.get(keyOf(from, to));
				if (there) there.push(cell);
				else edges.set(keyOf(from, to), [cell]);
				return [from, to] as const;
			});
		})
	);
	const sides = ends.map((own, cell) =>
		own.map(([from, to]): Side => ({
			from,
			to,
			other: edges.get(keyOf(from, to))!.find((each) => each !== cell) ?? null
		}))
	);
	const neighbours = sides.map((own) =>
		[...new Set(own.flatMap(({ other }) => (other === null ? [] : [other])))].sort((a, b) => a - b)
	);
	return { corners, sides, neighbours };
}
