import { type Grid, type GridSpec } from './grid';

/** The faces of boxes as they are seen in a triangular grid, clockwise: of an upright grid from the top on, of a level one from the upper left. */
export type Face = 0 | 1 | 2;

/** A corner of the grid: its place along a line in halves of a side, and the number of the line. */
type Corner = readonly [half: number, line: number];

/** One of three names for a corner, so that no two on one triangle have the same. */
const nameOf = ([half, line]: Corner): number => ((((half - line - 1) / 2 - line) % 3) + 3) % 3;

/** The three corners of a triangle by its row and its place in it, from −1 on. */
function cornersOf(row: number, place: number): Corner[] {
	const up = (((place + row) % 2) + 2) % 2 === 0;
	return up
		? [
				[place + 1, row],
				[place, row + 1],
				[place + 2, row + 1]
			]
		: [
				[place, row],
				[place + 2, row],
				[place + 1, row + 1]
			];
}

/** A box by its place among boxes: so many along one of their directions, so many along another. */
export type BoxPlace = readonly [one: number, other: number];

export interface Solid {
	readonly face: Face;
	readonly box: BoxPlace;
}

/** Which face a turn lies in, clockwise from above, as a share of a whole one: the six stand at whole sixths, two to a face. */
const LEVEL = (turn: number): Face => (Math.floor(((turn + 1 / 4) % 1) * 3) % 3) as Face;
/** Seen from the side: what lies to the left there is the top, and clockwise becomes anticlockwise. */
const UPRIGHT = (turn: number): Face => (2 - (Math.floor(((turn + 1 / 12) % 1) * 3) % 3)) as Face;

/** Boxes stand about every corner of one name: which third of the turn about it a triangle lies in is its face. */
function solidOf(row: number, place: number, faceAt: (turn: number) => Face): Solid {
	const corners = cornersOf(row, place);
	const centre = corners.find((corner) => nameOf(corner) === 0)!;
	const middle = [0, 1].map((i) => corners.reduce((sum, corner) => sum + corner[i]!, 0) / 3) as [number, number];
	const [dx, dy] = [(middle[0] - centre[0]) / 2, (middle[1] - centre[1]) * (Math.sqrt(3) / 2)];
	const turn = (Math.atan2(dx, -dy) / (2 * Math.PI) + 1) % 1;
	const [half, line] = centre;
	const along = (half - line - 1) / 2;
	const other = Math.round((line - along) / 3);
	return { face: faceAt(turn), box: [line - other, other] };
}

/**
 * Of which box and which face of it each triangle is, so that a triangular grid stands as solids: the six about every third corner make a
 * box of three lozenges. What was cut at the sides belongs where the whole would.
 */
export function solidsOf({ kind, columns }: GridSpec, { cells }: Grid): Solid[] {
	// Row by row as they are laid: of an upright grid the rows are its columns.
	const upright = kind === 'triangle-upright';
	const inRow = upright ? cells.length / columns : 2 * columns + 1;
	return cells.map((_, i) => solidOf(Math.floor(i / inRow), (i % inRow) - 1, upright ? UPRIGHT : LEVEL));
}

export const solidFaces = (spec: GridSpec, grid: Grid): Face[] => solidsOf(spec, grid).map(({ face }) => face);
