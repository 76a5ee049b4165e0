import { checkIds, copyChecks } from '../checks-by';
import { type PlateKind } from '../kind';
import { schemeDecisions } from './decisions';
import { bringOverScheme } from './bring-over';
import { SCHEME_OFFERS } from './offers';
import { describeScheme } from './describe';
import { drawScheme } from './draw-scheme';
import { newScheme, schemeFrom } from './make';
import { schemeGives } from './gives';
import { schemeChecks } from './plate-checks';
import { schemePlaces, type SchemePlace } from './places';
import { schemePlateSchema, type SchemePlate } from './schema';
import { coloursOfScheme } from './scheme-colours';
import { mapSchemeSources } from './sources';
import { titleOfScheme } from './title';

/** Colours taken from a wheel by a rule, from a lead colour on. */
export const scheme = {
	schema: schemePlateSchema,
	words: {
		uses: (count) => `${count} scheme${count === 1 ? '' : 's'}`
	},
	bringOver: bringOverScheme,
	mapSources: mapSchemeSources,
	title: titleOfScheme,
	part: { name: 'Wheels and schemes', says: 'hues in a circle, and their company' },
	offers: SCHEME_OFFERS,
	make: newScheme,
	draw: (plate, linked, detail) => drawScheme(plate, linked, detail !== 'colours'),
	describe: describeScheme,
	slow: true,
	colours: coloursOfScheme,
	checks: schemeChecks,
	decisions: schemeDecisions,
	copyParts: copyChecks,
	partIds: checkIds,
	places: schemePlaces,
	gives: schemeGives,
	begin: {
		words: 'Start a scheme',
		title: 'A scheme with this colour as its lead, on a plate of its own',
		from: schemeFrom
	}
} satisfies PlateKind<SchemePlate, SchemePlace>;
