import { type Settings } from '../exercise';
import { exercisesOf } from '../exercises';
import { type GroundExercise } from './exercise';
import { type GroundsPlate } from './schema';
import { mapCommonSources } from './sources';
import { GROUND_EXERCISES } from './table';

/** What plates of grounds do with their exercises. */
export const groundExercises = exercisesOf<GroundsPlate, GroundExercise<Settings, unknown>>(
	GROUND_EXERCISES,
	mapCommonSources
);
