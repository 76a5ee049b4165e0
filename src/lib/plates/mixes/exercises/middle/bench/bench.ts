import { type ExerciseBench } from '$lib/workbench/exercise-bench';
import { type MixesPlate } from '../../../schema';
import MiddleFields from './MiddleFields.svelte';

export const bench: ExerciseBench<MixesPlate> = {
	fields: MiddleFields
};
