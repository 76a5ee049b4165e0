import { cellOf, gridOf, layGrid, type LaidGrid } from '$lib/core/pattern/grid';
import { bounds, type Outline, type Point } from '$lib/core/pattern/outline';
import { ringsOfPath } from '$lib/core/pattern/straight-path';
import { type Box } from '$lib/drawing/box';
import { inPath } from '$lib/drawing/rounded';
import { drawnRegions } from './drawn';
import { DESIGN } from './pattern-layout';
import { type PatternPlate } from './schema';

/** What is filled, laid out on the plate: its cells, each with its outline as path data, and its corners as paths have them. */
export interface Field {
	readonly grid: LaidGrid;
	readonly paths: readonly string[];
	readonly corners: readonly string[];
}

type Decided = Pick<PatternPlate, 'grid' | 'drawing'>;

const keyOf = ({ grid, drawing }: Decided): string => JSON.stringify(drawing ?? grid);

/** Of the largest grids some ten megabytes each. */
const MOST_KNOWN = 16;
const known = new Map<string, LaidGrid>();
const ofPlates = new WeakMap<object, string>();

/** The key of what decides a field: the same object has the same, and a drawing may be long. */
function keyOnce(plate: Decided): string {
	const decides = plate.drawing ?? plate.grid;
	const found = ofPlates.get(decides) ?? keyOf(plate);
	ofPlates.set(decides, found);
	return found;
}

const movedBy = (outline: Outline, dx: number, dy: number): Outline => outline.map(([x, y]): Point => [x + dx, y + dy]);

/** Cells in the middle of the box of the design. */
function inTheMiddle({ cells, pitch }: LaidGrid): LaidGrid {
	const { left, right, top, bottom } = bounds(cells.flatMap(({ outline }) => outline));
	const dx = DESIGN.x + (DESIGN.width - left - right) / 2;
	const dy = DESIGN.y + (DESIGN.height - top - bottom) / 2;
	const moved = cells.map(({ outline, holes }) =>
		cellOf(
			movedBy(outline, dx, dy),
			holes.map((hole) => movedBy(hole, dx, dy))
		)
	);
	return { ...gridOf(moved), pitch };
}

function laidFor(plate: Decided): LaidGrid {
	const { grid, drawing } = plate;
	if (!drawing) return inTheMiddle(layGrid(grid, DESIGN.width, DESIGN.height));
	const regions = drawnRegions(drawing).regions.map(ringsOfPath);
	const { left, right, top, bottom } = bounds(regions.flat(2));
	const scale = Math.min(DESIGN.width / Math.max(1, right - left), DESIGN.height / Math.max(1, bottom - top));
	const cells = regions.map((region) => {
		const rings = region.map((ring) => ring.map(([x, y]): Point => [x * scale, y * scale]));
		return cellOf(rings[0]!, rings.slice(1));
	});
	return inTheMiddle({ ...gridOf(cells), pitch: null });
}

/** Cells by which a plate becomes slow to lay out and to write. */
const MANY_CELLS = 500;

/** Whether it may take a tenth of a second and more: many cells, curved ones, a drawing that was read in, or the design many times over. */
export const isHeavyPattern = ({ grid, cells, drawing, shows }: PatternPlate): boolean =>
	shows === 'climates' ||
	cells.length > MANY_CELLS ||
	(drawing ? !('shipped' in drawing) : grid.kind === 'arcs' || grid.columns ** 2 > MANY_CELLS);

/** The grid or the regions of a plate, in plate units, in the box of the design. */
export function gridOfPlate(plate: Decided): LaidGrid {
	const key = keyOnce(plate);
	const laid = known.get(key) ?? laidFor(plate);
	// The one used last stands at the end.
	known.delete(key);
	known.set(key, laid);
	const [oldest] = known.keys();
	if (oldest !== undefined && known.size > MOST_KNOWN) known.delete(oldest);
	return laid;
}

const fields = new WeakMap<LaidGrid, Map<string, Field>>();

/** The same in another box of the same proportions. */
export function fieldIn(plate: Decided, box: Box): Field {
	const grid = gridOfPlate(plate);
	const key = [box.x, box.y, box.width, box.height].join(' ');
	const inBoxes = fields.get(grid) ?? new Map<string, Field>();
	fields.set(grid, inBoxes);
	const found = inBoxes.get(key);
	if (found) return found;
	const scale = Math.min(box.width / DESIGN.width, box.height / DESIGN.height);
	const [dx, dy] = [
		box.x + (box.width - scale * DESIGN.width) / 2 - scale * DESIGN.x,
		box.y + (box.height - scale * DESIGN.height) / 2 - scale * DESIGN.y
	];
	const point = ([x, y]: Point): string => `${inPath(x * scale + dx)} ${inPath(y * scale + dy)}`;
	const ring = (outline: Outline): string => `M${outline.map(point).join('L')}z`;
	const field = {
		grid,
		paths: grid.cells.map(({ outline, holes }) => [outline, ...holes].map(ring).join('')),
		corners: grid.corners.map(point)
	};
	inBoxes.set(key, field);
	return field;
}

export const fieldOf = (plate: Decided): Field => fieldIn(plate, DESIGN);
