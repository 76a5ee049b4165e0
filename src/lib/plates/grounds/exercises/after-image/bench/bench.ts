import { type ExerciseBench } from '$lib/workbench/exercise-bench';
import { type GroundsPlate } from '../../../schema';
import AfterImageFields from './AfterImageFields.svelte';

export const bench: ExerciseBench<GroundsPlate> = {
	fields: AfterImageFields
};
