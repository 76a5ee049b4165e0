import { type ExerciseBench } from '$lib/workbench/exercise-bench';
import { type MatchingPlate } from '../../../schema';
import Brush from './Brush.svelte';
import StrokesOver from './StrokesOver.svelte';

export const bench: ExerciseBench<MatchingPlate> = { over: StrokesOver, readings: Brush };
