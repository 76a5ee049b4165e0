import { type ExerciseBench } from '$lib/workbench/exercise-bench';
import { type GroundsPlate } from '../../../schema';
import OneAsTwoFields from './OneAsTwoFields.svelte';
import GroundSearchPanel from './GroundSearchPanel.svelte';

export const bench: ExerciseBench<GroundsPlate> = {
	fields: OneAsTwoFields,
	readings: GroundSearchPanel
};
