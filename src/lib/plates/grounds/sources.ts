import { type ColourSource } from '$lib/model/colour-text';
import { sourcesBy, type MapSources } from '$lib/model/sources';
import { mapScaleSources } from '../scales/sources';
import { type GroundsPlate } from './schema';

type Two = [ColourSource, ColourSource];

export const mapGroundsSources: MapSources<GroundsPlate> = (plate, change) => {
	const both = ([one, other]: Two): Two => [change(one), change(other)];
	const { contrast } = plate;
	return {
		...plate,
		grounds: both(plate.grounds),
		figures: both(plate.figures),
		contrast: contrast && { ...contrast, twin: contrast.twin && change(contrast.twin) },
		scale: plate.scale && mapScaleSources(plate.scale, change)
	};
};

export const sourcesOfGrounds = (plate: GroundsPlate): ColourSource[] => sourcesBy(mapGroundsSources, plate);
