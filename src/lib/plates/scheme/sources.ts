import { type ColourSource } from '$lib/model/colour-text';
import { sourcesBy, type MapSources } from '$lib/model/sources';
import { type SchemePlate } from './schema';

export const mapSchemeSources: MapSources<SchemePlate> = (plate, change) => ({
	...plate,
	lead: change(plate.lead),
	others: plate.others.map((other) => ({ ...other, fixed: other.fixed && change(other.fixed) }))
});

export const sourcesOfScheme = (plate: SchemePlate): ColourSource[] => sourcesBy(mapSchemeSources, plate);
