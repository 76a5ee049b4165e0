import { checkIds, copyChecks } from '../checks-by';
import { type PlateKind } from '../kind';
import { mixDecisions } from './decisions';
import { bringOverMixes } from './bring-over';
import { mixExercises } from './exercises';
import { mixesGive } from './gives';
import { newMixes } from './make';
import { mixChecks } from './plate-checks';
import { mixesPlaces, type MixesPlace } from './places';
import { mixesPlateSchema, type MixesPlate } from './schema';
import { titleOfMixes } from './title';

/** What two to six parents come to: mixed, halved, laid over each other, set side by side. */
export const mixes = {
	schema: mixesPlateSchema,
	words: {
		uses: (count) => `${count} ${count === 1 ? 'plate' : 'plates'} of mixes`
	},
	exercises: mixExercises,
	bringOver: bringOverMixes,
	mapSources: mixExercises.mapSources,
	title: titleOfMixes,
	part: { name: 'Mixes', says: 'what two colours become together' },
	offers: mixExercises.offers(newMixes, titleOfMixes),
	make: newMixes,
	draw: mixExercises.draw,
	describe: mixExercises.describe,
	colours: mixExercises.colours,
	checks: mixChecks,
	decisions: mixDecisions,
	answered: ({ exercise }) => 'revealed' in exercise && exercise.revealed,
	copyParts: copyChecks,
	partIds: checkIds,
	listed: true,
	places: mixesPlaces,
	gives: mixesGive,
	reveals: mixExercises.reveals
} satisfies PlateKind<MixesPlate, MixesPlace>;
