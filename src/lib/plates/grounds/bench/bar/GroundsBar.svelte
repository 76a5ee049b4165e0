<script lang="ts">
	import ExerciseChoice from '$lib/workbench/study/ExerciseChoice.svelte';
	import PlateBar from '$lib/workbench/study/PlateBar.svelte';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { groundExercises } from '../../exercises';
	import { changeExercise } from '../../grounds-edits';
	import { type GroundsPlate } from '../../schema';
	import { benchOfExercise } from '../exercise-benches';
	import FigureFields from './FigureFields.svelte';

	/** What a plate of grounds is about, and what of it is shown. */
	let { workbench, plate }: { workbench: Workbench; plate: GroundsPlate } = $props();

	const Fields = $derived(benchOfExercise(plate).fields);
</script>

<PlateBar>
	<div class="sentence" role="group" aria-label="What is shown">
		<ExerciseChoice
			{workbench}
			{plate}
			exercises={groundExercises}
			onchoose={(name) => workbench.edit('Change the exercise', changeExercise(plate.id, name))}
		/>
		<FigureFields {workbench} {plate} />
	</div>
	{#if Fields}<Fields {workbench} {plate} />{/if}
</PlateBar>
