import { type ExerciseBench } from '$lib/workbench/exercise-bench';
import { type MatchingPlate } from '../../../schema';
import StepFields from './StepFields.svelte';

export const bench: ExerciseBench<MatchingPlate> = { fields: StepFields };
