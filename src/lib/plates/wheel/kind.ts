import { linksTo } from '$lib/model/sources';
import { checkIds, copyChecks } from '../checks-by';
import { type PlateKind } from '../kind';
import { wheelDecisions } from './decisions';
import { WHEEL_OFFERS } from './offers';
import { coloursOfWheel } from './cell-names';
import { describeWheel } from './describe';
import { drawWheel } from './draw-wheel';
import { newWheel } from './make';
import { wheelChecks } from './plate-checks';
import { wheelGives } from './gives';
import { wheelPlaces, type WheelPlace } from './places';
import { wheelPlateSchema, type WheelPlate } from './schema';
import { mapWheelSources } from './sources';
import { titleOfWheel } from './title';

/** Hues round a lead colour, with rings inside and outside them. */
export const wheel = {
	schema: wheelPlateSchema,
	words: {
		uses: (count) => `${count} wheel${count === 1 ? '' : 's'}`
	},
	mapSources: mapWheelSources,
	uses: ({ from, lead }, id) => Number(from !== 'given' && linksTo(lead, id)),
	title: titleOfWheel,
	part: { name: 'Wheels and schemes', says: 'hues in a circle, and their company' },
	offers: WHEEL_OFFERS,
	make: newWheel,
	draw: (plate, linked, detail) => drawWheel(plate, linked, detail !== 'colours'),
	describe: describeWheel,
	colours: coloursOfWheel,
	checks: wheelChecks,
	decisions: wheelDecisions,
	copyParts: copyChecks,
	partIds: checkIds,
	places: wheelPlaces,
	gives: wheelGives
} satisfies PlateKind<WheelPlate, WheelPlace>;
