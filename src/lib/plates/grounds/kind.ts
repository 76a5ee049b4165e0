import { checkIds, copyChecks } from '../checks-by';
import { type PlateKind } from '../kind';
import { groundDecisions } from './decisions';
import { bringOverGrounds } from './bring-over';
import { groundExercises } from './exercises';
import { groundsFrom, newGrounds } from './make';
import { groundChecks } from './plate-checks';
import { groundsPlaces, type GroundsPlace } from './places';
import { groundsPlateSchema, type GroundsPlate } from './schema';
import { titleOfGrounds } from './title';

/** Figures on grounds, and what each ground makes of them. */
export const grounds = {
	schema: groundsPlateSchema,
	words: {
		uses: (count) => `${count} ${count === 1 ? 'plate' : 'plates'} of grounds`
	},
	exercises: groundExercises,
	bringOver: bringOverGrounds,
	mapSources: groundExercises.mapSources,
	title: titleOfGrounds,
	part: { name: 'Grounds', says: 'what surrounds a colour changes it' },
	offers: groundExercises.offers(newGrounds, titleOfGrounds),
	make: newGrounds,
	draw: groundExercises.draw,
	describe: groundExercises.describe,
	colours: groundExercises.colours,
	checks: groundChecks,
	decisions: groundDecisions,
	answered: ({ exercise }) =>
		('predicted' in exercise && exercise.predicted) || ('solved' in exercise && exercise.solved),
	copyParts: copyChecks,
	partIds: checkIds,
	listed: true,
	places: groundsPlaces,
	reveals: groundExercises.reveals,
	begin: {
		words: 'Put it on grounds',
		title: 'This colour as the figure on two others, on a plate of its own',
		from: groundsFrom,
		rarely: true
	}
} satisfies PlateKind<GroundsPlate, GroundsPlace>;
