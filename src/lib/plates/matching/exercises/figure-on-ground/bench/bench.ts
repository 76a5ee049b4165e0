import { type ExerciseBench } from '$lib/workbench/exercise-bench';
import { type MatchingPlate } from '../../../schema';
import AskedField from './AskedField.svelte';

export const bench: ExerciseBench<MatchingPlate> = { fields: AskedField };
