import { type ExerciseBench } from '$lib/workbench/exercise-bench';
import { type GroundsPlate } from '../../../schema';
import RowFields from './RowFields.svelte';
import RowChart from './RowChart.svelte';
import NoPalette from './NoPalette.svelte';

export const bench: ExerciseBench<GroundsPlate> = {
	fields: RowFields,
	readings: RowChart,
	over: NoPalette
};
