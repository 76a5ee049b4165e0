<script lang="ts">
	import ExerciseReadings from '$lib/workbench/readings/ExerciseReadings.svelte';
	import PlateChecks from '$lib/workbench/readings/PlateChecks.svelte';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { mixExercises } from '../exercises';
	import { type MixesPlate } from '../schema';
	import { benchOfExercise } from './exercise-benches';

	let { workbench, plate }: { workbench: Workbench; plate: MixesPlate } = $props();

	const exercise = $derived(mixExercises.of(plate));
	const at = $derived(mixExercises.atWork(plate, workbench.document.linked));
	const Further = $derived(benchOfExercise(plate).readings);
</script>

<ExerciseReadings {workbench} words={exercise.words} colours={exercise.colours(at)} remarks={exercise.remarks(at)}>
	{#if Further}<Further {workbench} {plate} />{/if}
	<PlateChecks {workbench} {plate} />
</ExerciseReadings>
