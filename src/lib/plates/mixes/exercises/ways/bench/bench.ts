import { type ExerciseBench } from '$lib/workbench/exercise-bench';
import { type MixesPlate } from '../../../schema';
import MakeItTheMix from './MakeItTheMix.svelte';

export const bench: ExerciseBench<MixesPlate> = {
	follows: MakeItTheMix
};
