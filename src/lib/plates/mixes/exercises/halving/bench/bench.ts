import { type ExerciseBench } from '$lib/workbench/exercise-bench';
import { type MixesPlate } from '../../../schema';
import HalvingFields from './HalvingFields.svelte';

export const bench: ExerciseBench<MixesPlate> = {
	fields: HalvingFields
};
