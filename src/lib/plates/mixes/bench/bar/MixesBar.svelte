<script lang="ts">
	import ExerciseChoice from '$lib/workbench/study/ExerciseChoice.svelte';
	import PlateBar from '$lib/workbench/study/PlateBar.svelte';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { mixExercises } from '../../exercises';
	import { changeExercise } from '../../mixes-edits';
	import { type MixesPlate } from '../../schema';
	import { benchOfExercise } from '../exercise-benches';
	import MixParents from './MixParents.svelte';

	/** What a plate of mixes is about, and what decides it. */
	let { workbench, plate }: { workbench: Workbench; plate: MixesPlate } = $props();

	const Fields = $derived(benchOfExercise(plate).fields);
</script>

{#snippet exercise()}
	<div class="sentence" role="group" aria-label="What is mixed">
		<ExerciseChoice
			{workbench}
			{plate}
			exercises={mixExercises}
			onchoose={(name) => workbench.edit('Change the exercise', changeExercise(plate.id, name))}
		/>
		<span>of</span>
		<MixParents {workbench} {plate} />
	</div>
{/snippet}
{#snippet fields()}{#if Fields}<Fields {workbench} {plate} />{/if}{/snippet}

<PlateBar parts={Fields ? [exercise, fields] : [exercise]} />
