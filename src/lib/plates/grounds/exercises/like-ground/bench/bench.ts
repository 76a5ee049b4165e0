import { type ExerciseBench } from '$lib/workbench/exercise-bench';
import { type GroundsPlate } from '../../../schema';
import LikeGroundFields from './LikeGroundFields.svelte';

export const bench: ExerciseBench<GroundsPlate> = {
	fields: LikeGroundFields
};
