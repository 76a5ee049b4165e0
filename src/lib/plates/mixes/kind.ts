import { type PlateKind } from '../kind';
import { drawMixes } from './draw-mixes';
import { newMixes } from './make';
import { coloursOfMixes } from './mixes-colours';
import { mixesPlaces, type MixesPlace } from './places';
import { revealsOfMixes } from './reveals';
import { mixesPlateSchema, type MixesPlate } from './schema';
import { mapMixesSources } from './sources';

/** What two to six parents come to: mixed, halved, laid over each other, set side by side. */
export const mixes = {
	schema: mixesPlateSchema,
	words: {
		add: 'Mixes',
		uses: (count) => `${count} ${count === 1 ? 'plate' : 'plates'} of mixes`
	},
	mapSources: mapMixesSources,
	make: newMixes,
	draw: (plate, linked, detail) => drawMixes(plate, linked, detail !== 'colours', { answered: detail !== 'question' }),
	colours: coloursOfMixes,
	listed: true,
	places: mixesPlaces,
	reveals: revealsOfMixes
} satisfies PlateKind<MixesPlate, MixesPlace>;
