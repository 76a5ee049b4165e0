import { type ExerciseBench } from '$lib/workbench/exercise-bench';
import { type GroundsPlate } from '../../../schema';
import JudgingFields from './JudgingFields.svelte';
import JudgingOver from './JudgingOver.svelte';

export const bench: ExerciseBench<GroundsPlate> = {
	fields: JudgingFields,
	over: JudgingOver
};
