import { type Triple } from '$lib/core/colour/vector';
import { exchanged, readDesign, type DesignReadings } from '$lib/core/pattern/read-design';
import { patchBy, type Patch } from '$lib/drawing/patch';
import { type ColourSource } from '$lib/model/colour-text';
import { type LinkedColour } from '$lib/model/linked';
import { readCells } from './cells-text';
import { gridOfPlate } from './field';
import { type PatternPlate } from './schema';

type Linked = readonly LinkedColour[];

const contents = new WeakMap<PatternPlate, readonly (number | null)[]>();

/** The number of the colour of each cell; null where it has none. */
export function contentOf(plate: PatternPlate): readonly (number | null)[] {
	const known = contents.get(plate);
	if (known) return known;
	const content = readCells(plate.cells, gridOfPlate(plate).cells.length, plate.colours.length);
	contents.set(plate, content);
	return content;
}

/** The sources of a climate, by its number: 0 is the design's own colours. */
export const sourcesOfClimate = (plate: PatternPlate, climate: number): readonly ColourSource[] =>
	climate === 0 ? plate.colours.map(({ source }) => source) : plate.climates[climate - 1]!.colours;

export const patchesOf = (plate: PatternPlate, linked: Linked, climate = 0): Patch[] =>
	sourcesOfClimate(plate, climate).map((source) => patchBy(source, linked));

const readings = new WeakMap<PatternPlate, { readonly key: string; readonly read: DesignReadings }[]>();
/** Each of six climates, as it is and exchanged. */
const MOST_READ = 12;

/** What a design comes to in a climate, with the shares exchanged or not; read anew only when the plate or a colour is another. */
export function readingsOf(plate: PatternPlate, linked: Linked, climate = 0, swapped = false): DesignReadings {
	const patches = patchesOf(plate, linked, climate);
	const key = `${swapped} ${patches.map(({ hex }) => hex).join(' ')}`;
	const known = readings.get(plate) ?? [];
	const found = known.find((each) => each.key === key);
	if (found) return found.read;
	const colours = patches.map(({ linear }): Triple => linear);
	const content = swapped ? exchangedContent(plate) : contentOf(plate);
	const read = readDesign(gridOfPlate(plate), content, colours);
	readings.set(plate, [{ key, read }, ...known.slice(0, MOST_READ - 1)]);
	return read;
}

const swaps = new WeakMap<PatternPlate, readonly (number | null)[]>();

/** The content with the shares exchanged: what covers most for what covers least, and so on. */
export function exchangedContent(plate: PatternPlate): readonly (number | null)[] {
	const known = swaps.get(plate);
	if (known) return known;
	const grid = gridOfPlate(plate);
	const content = contentOf(plate);
	const areas = plate.colours.map(() => 0);
	content.forEach((own, cell) => {
		if (own !== null) areas[own]! += grid.cells[cell]!.area;
	});
	const newNumber = exchanged(areas);
	const swapped = content.map((own) => (own === null ? null : newNumber[own]!));
	swaps.set(plate, swapped);
	return swapped;
}
