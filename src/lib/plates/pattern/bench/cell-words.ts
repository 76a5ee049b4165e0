import { type LinkedColour } from '$lib/model/linked';
import { contentOf } from '../design';
import { gridOfPlate } from '../field';
import { DESIGN } from '../pattern-layout';
import { type PatternPlate } from '../schema';
import { nameOfColour } from '../words';

/** A cell as it is said when the cursor comes to it: its colour, its number, and where it lies. */
export function wordsOfCell(plate: PatternPlate, cell: number, linked: readonly LinkedColour[]): string {
	const { cells } = gridOfPlate(plate);
	const own = contentOf(plate)[cell] ?? null;
	const [x, y] = cells[cell]!.middle;
	const across = Math.round((100 * (x - DESIGN.x)) / DESIGN.width);
	const down = Math.round((100 * (y - DESIGN.y)) / DESIGN.height);
	const colour = own === null ? 'empty' : `colour ${own + 1}, ${nameOfColour(plate, own, linked)}`;
	return `${colour}; ${plate.drawing ? 'region' : 'cell'} ${cell + 1} of ${cells.length}, ${across} % across, ${down} % down`;
}
