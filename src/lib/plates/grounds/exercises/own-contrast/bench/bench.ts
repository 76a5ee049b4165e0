import { type ExerciseBench } from '$lib/workbench/exercise-bench';
import { type GroundsPlate } from '../../../schema';
import OwnContrastFields from './OwnContrastFields.svelte';
import OwnContrastPanel from './OwnContrastPanel.svelte';

export const bench: ExerciseBench<GroundsPlate> = {
	fields: OwnContrastFields,
	readings: OwnContrastPanel
};
