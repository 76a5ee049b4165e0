import { type Settings } from '../exercise';
import { exercisesOf } from '../exercises';
import { type MatchingExercise } from './exercise';
import { type MatchingPlate } from './schema';
import { MATCHING_EXERCISES } from './table';

/** What plates of matching do with their exercises. The paints are common to all of them. */
export const matchingExercises = exercisesOf<MatchingPlate, MatchingExercise<Settings, unknown>>(
	MATCHING_EXERCISES,
	(plate, change) => ({ ...plate, paints: plate.paints.map(change) })
);
