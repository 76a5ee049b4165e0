import { type ExerciseBench } from '$lib/workbench/exercise-bench';
import { type MixesPlate } from '../../../schema';
import OverlapFields from './OverlapFields.svelte';

export const bench: ExerciseBench<MixesPlate> = {
	fields: OverlapFields
};
