import { type ColourSource } from '$lib/model/colour-text';
import { sourcesBy, type MapSources } from '$lib/model/sources';
import { type MixesPlate } from './schema';

export const mapMixesSources: MapSources<MixesPlate> = (plate, change) => ({
	...plate,
	parents: plate.parents.map((parent) => ({ ...parent, colour: change(parent.colour) })),
	guess: plate.guess && change(plate.guess),
	crossings: plate.crossings.map((source) => source && change(source))
});

export const sourcesOfMixes = (plate: MixesPlate): ColourSource[] => sourcesBy(mapMixesSources, plate);
