import { type ExerciseBench } from '$lib/workbench/exercise-bench';
import { type MixesPlate } from '../../../schema';
import BalanceFields from './BalanceFields.svelte';

export const bench: ExerciseBench<MixesPlate> = {
	fields: BalanceFields
};
