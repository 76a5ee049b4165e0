import { type ExerciseBench } from '$lib/workbench/exercise-bench';
import { type GroundsPlate } from '../../../schema';
import JudgingFields from './JudgingFields.svelte';

export const bench: ExerciseBench<GroundsPlate> = {
	fields: JudgingFields
};
