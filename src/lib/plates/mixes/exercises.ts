import { type Settings } from '../exercise';
import { exercisesOf } from '../exercises';
import { type MixExercise } from './exercise';
import { type MixesPlate } from './schema';
import { mapCommonSources } from './sources';
import { MIX_EXERCISES } from './table';

/** What plates of mixes do with their exercises. */
export const mixExercises = exercisesOf<MixesPlate, MixExercise<Settings, unknown>>(MIX_EXERCISES, mapCommonSources);
