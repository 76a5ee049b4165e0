import { type ExerciseBench } from '$lib/workbench/exercise-bench';
import { type GroundsPlate } from '../../../schema';
import TwoAsOneFields from './TwoAsOneFields.svelte';

export const bench: ExerciseBench<GroundsPlate> = {
	fields: TwoAsOneFields
};
