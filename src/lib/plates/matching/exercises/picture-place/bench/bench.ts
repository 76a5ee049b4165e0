import { type ExerciseBench } from '$lib/workbench/exercise-bench';
import { type MatchingPlate } from '../../../schema';
import PlaceFields from './PlaceFields.svelte';

export const bench: ExerciseBench<MatchingPlate> = { fields: PlaceFields };
