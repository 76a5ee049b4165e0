import { type LinkedColour } from '$lib/model/linked';
import { type Places, type Settable } from '../kind';
import { readingsOf, sourcesOfClimate } from './design';
import { climateName } from './draw-climates';
import { setColours } from './pattern-edits';
import { type PatternPlate } from './schema';
import { nameOfColour, perCent } from './words';

/** What can be held of a pattern: one of its colours, of the design itself or of one of its climates. */
export interface PatternPlace {
	readonly kind: 'colour';
	readonly id: string;
	/** The id of the climate; null for the design's own. */
	readonly climate: string | null;
}

/** The number of a climate, 0 for the design's own; −1 where it is gone. */
const climateAt = ({ climates }: PatternPlate, id: string | null): number =>
	id === null ? 0 : climates.findIndex((climate) => climate.id === id) + 1 || -1;

/** Which colour of which climate a place is, by their numbers; null where it is gone. */
export function placeIn(plate: PatternPlate, place: PatternPlace): { index: number; climate: number } | null {
	const index = plate.colours.findIndex(({ id }) => id === place.id);
	const climate = climateAt(plate, place.climate);
	return index < 0 || climate < 0 ? null : { index, climate };
}

function settable(plate: PatternPlate, place: PatternPlace, linked: readonly LinkedColour[]): Settable | null {
	const found = placeIn(plate, place);
	if (!found) return null;
	const { index, climate } = found;
	const { shares } = readingsOf(plate, linked, climate, plate.shows === 'climates' && plate.exchanged);
	const { accent } = plate.colours[index]!;
	const where = climate > 0 ? ` of “${climateName(plate, climate)}”` : '';
	return {
		source: sourcesOfClimate(plate, climate)[index]!,
		name: nameOfColour(plate, index, linked, climate),
		note: `colour ${index + 1} of ${plate.colours.length}${where}${accent ? ', accent' : ''}; covers ${perCent(shares[index]!)}`,
		put: (source) => setColours(plate.id, place.climate, new Map([[place.id, source]]))
	};
}

export const patternPlaces: Places<PatternPlate, PatternPlace> = {
	first: ({ colours }) => ({ kind: 'colour', id: colours[0]!.id, climate: null }),
	has: (plate, place) => placeIn(plate, place) !== null,
	settable,
	following: () => null
};
