import { layBoxes } from '$lib/core/pattern/boxes';
import { layByRule } from '$lib/core/pattern/lay';
import { colourOf, textOf, valueOf } from '$lib/model/resolve';
import { type LinkedColour } from '$lib/model/linked';
import { gridOfPlate } from './field';
import { type PatternPlate } from './schema';
import { hasBoxes, type Laying } from './words';

/** The colours that are laid as a row, by their numbers: all but the accents, or all where every one is an accent. */
export function rowOf({ colours }: PatternPlate): number[] {
	const row = colours.flatMap(({ accent }, i) => (accent ? [] : [i]));
	return row.length > 0 ? row : colours.map((_, i) => i);
}

/** The row from light to dark; colours that are linked are as they are in the study. */
export function lightToDark(plate: PatternPlate, linked: readonly LinkedColour[]): number[] {
	const valueAt = (i: number): number => {
		const { source } = plate.colours[i]!;
		const known = 'text' in source || linked.some(({ id }) => id === source.linked);
		return known ? valueOf(colourOf(textOf(source, linked))) : 0;
	};
	return [...rowOf(plate)].sort((one, other) => valueAt(other) - valueAt(one));
}

/** For each cell the number of its colour when the row is laid by rule; null where it stays empty. */
export function laidOn(plate: PatternPlate, laying: Laying, linked: readonly LinkedColour[] = []): (number | null)[] {
	const grid = gridOfPlate(plate);
	if (laying === 'boxes' && hasBoxes(plate)) {
		const accent = plate.colours.findIndex((colour) => colour.accent);
		return layBoxes(plate.grid, grid, lightToDark(plate, linked), accent < 0 ? null : accent, plate.boxes);
	}
	const row = rowOf(plate);
	const rule = laying === 'boxes' ? 'across' : laying;
	return layByRule(grid, row.length, rule, plate.seed).map((place) => row[place]!);
}
