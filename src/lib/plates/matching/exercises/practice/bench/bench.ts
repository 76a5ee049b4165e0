import { type ExerciseBench } from '$lib/workbench/exercise-bench';
import { type MatchingPlate } from '../../../schema';
import PracticeReadings from './PracticeReadings.svelte';

export const bench: ExerciseBench<MatchingPlate> = { readings: PracticeReadings };
