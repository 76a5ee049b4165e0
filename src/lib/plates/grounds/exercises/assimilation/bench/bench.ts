import { type ExerciseBench } from '$lib/workbench/exercise-bench';
import { type GroundsPlate } from '../../../schema';
import AssimilationFields from './AssimilationFields.svelte';

export const bench: ExerciseBench<GroundsPlate> = {
	fields: AssimilationFields
};
