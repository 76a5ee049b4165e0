import { type ExerciseBench } from '$lib/workbench/exercise-bench';
import { type GroundsPlate } from '../../../schema';
import EdgeFields from './EdgeFields.svelte';

export const bench: ExerciseBench<GroundsPlate> = {
	fields: EdgeFields
};
