import { onSheet } from '$lib/plates/draw-plate';
import { asPlate } from '$lib/plates/exercises';
import { mixExercises } from '../../../exercises';
import { drawOptical, optical } from '../optical';
import { stepBackOf } from './step-back.svelte';
import { type ExerciseBench } from '$lib/workbench/exercise-bench';
import { type MixesPlate } from '../../../schema';
import OpticalFields from './OpticalFields.svelte';

export const bench: ExerciseBench<MixesPlate> = {
	fields: OpticalFields,
	drawing: (workbench, plate) => {
		const { linked } = workbench.document;
		const at = mixExercises.on(optical, plate, linked)!;
		const drawn = drawOptical(at, true, stepBackOf(workbench).share);
		return onSheet(plate, linked, asPlate(plate, optical.heading, drawn, 'full'), 'full');
	}
};
