import { type PlateKind } from '../kind';
import { matchingDecisions } from './decisions';
import { type MatchingPlace } from './exercise';
import { matchingExercises } from './exercises';
import { newMatching } from './make';
import { matchingChecks } from './plate-checks';
import { matchingPlaces } from './places';
import { matchingPlateSchema, type MatchingPlate } from './schema';
import { titleOfMatching } from './title';

/** Subjects shown without their numbers, to be set by eye and checked. */
export const matching = {
	schema: matchingPlateSchema,
	words: {
		uses: (count) => `${count} subject${count === 1 ? '' : 's'} to be matched`,
		empty: 'Nothing on this plate is set in the mixer now.'
	},
	exercises: matchingExercises,
	mapSources: matchingExercises.mapSources,
	byEye: (plate) => matchingExercises.of(plate).byEye(plate.exercise),
	title: titleOfMatching,
	part: { name: 'Matching', says: 'training the eye: subjects without their numbers, set and checked' },
	offers: matchingExercises.offers(newMatching, titleOfMatching),
	make: newMatching,
	draw: matchingExercises.draw,
	describe: matchingExercises.describe,
	slow: true,
	heavy: (plate) => matchingExercises.of(plate).heavy ?? false,
	colours: matchingExercises.colours,
	listed: true,
	places: matchingPlaces,
	reveals: matchingExercises.reveals,
	checks: matchingChecks,
	decisions: matchingDecisions,
	pictures: {
		of: ({ place }) => (place ? [place.picture] : []),
		map: (plate, change) =>
			plate.place ? { ...plate, place: { ...plate.place, picture: change(plate.place.picture) } } : plate
	}
} satisfies PlateKind<MatchingPlate, MatchingPlace>;
