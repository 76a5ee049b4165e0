<script lang="ts">
	import ExerciseReadings from '$lib/workbench/readings/ExerciseReadings.svelte';
	import PlateChecks from '$lib/workbench/readings/PlateChecks.svelte';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { groundExercises } from '../exercises';
	import { type GroundsPlate } from '../schema';
	import { benchOfExercise } from './exercise-benches';

	let { workbench, plate }: { workbench: Workbench; plate: GroundsPlate } = $props();

	const exercise = $derived(groundExercises.of(plate));
	const at = $derived(groundExercises.atWork(plate, workbench.document.linked));
	const Further = $derived(benchOfExercise(plate).readings);
</script>

<ExerciseReadings {workbench} words={exercise.words} colours={exercise.colours(at)} remarks={exercise.remarks(at)}>
	{#if Further}<Further {workbench} {plate} />{/if}
	<PlateChecks {workbench} {plate} />
	{#if exercise.fields.includes('strength')}
		<p>
			What a figure looks like is reckoned by CIECAM16 with the ground as its surround. It is a model: eyes differ, and
			so do screens and rooms.
		</p>
	{/if}
</ExerciseReadings>
