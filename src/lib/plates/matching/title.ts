import { matchingExercises } from './exercises';
import { type MatchingPlate } from './schema';

/** By what is matched, and never by its colours: those are not to be told. */
export const titleOfMatching = (plate: MatchingPlate): string => matchingExercises.of(plate).words.name;
