import { type PlateKind } from '../kind';
import { drawGrounds } from './draw-grounds';
import { coloursOfGrounds } from './grounds-colours';
import { groundsOf } from './grounds-of';
import { newGrounds } from './make';
import { groundsPlaces, type GroundsPlace } from './places';
import { revealsOfGrounds } from './reveals';
import { groundsPlateSchema, type GroundsPlate } from './schema';
import { mapGroundsSources } from './sources';

/** Figures on grounds, and what each ground makes of them. */
export const grounds = {
	schema: groundsPlateSchema,
	words: {
		add: 'Grounds',
		uses: (count) => `${count} ${count === 1 ? 'plate' : 'plates'} of grounds`
	},
	mapSources: mapGroundsSources,
	make: newGrounds,
	draw: (plate, linked, detail) => drawGrounds(plate, linked, detail !== 'colours'),
	colours: (plate, linked) => coloursOfGrounds(plate, groundsOf(plate, linked)),
	listed: true,
	places: groundsPlaces,
	reveals: revealsOfGrounds
} satisfies PlateKind<GroundsPlate, GroundsPlace>;
