import { type ExerciseBench } from '$lib/workbench/exercise-bench';
import { type MatchingPlate } from '../../../schema';
import SortingFields from './SortingFields.svelte';
import SortingOver from './SortingOver.svelte';
import SortingReadings from './SortingReadings.svelte';

export const bench: ExerciseBench<MatchingPlate> = {
	fields: SortingFields,
	over: SortingOver,
	readings: SortingReadings
};
