<script lang="ts">
	import ExerciseChoice from '$lib/workbench/study/ExerciseChoice.svelte';
	import PlateBar from '$lib/workbench/study/PlateBar.svelte';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { groundExercises } from '../../exercises';
	import { changeExercise } from '../../grounds-edits';
	import { type GroundsPlate } from '../../schema';
	import { benchOfExercise } from '../exercise-benches';
	import FigureFields from './FigureFields.svelte';
	import StrengthFields from './StrengthFields.svelte';

	/** What a plate of grounds is about, and what of it is shown. */
	let { workbench, plate }: { workbench: Workbench; plate: GroundsPlate } = $props();

	const asks = $derived(groundExercises.of(plate).fields);
	const Fields = $derived(benchOfExercise(plate).fields);
</script>

{#snippet exercise()}
	<ExerciseChoice
		{workbench}
		{plate}
		exercises={groundExercises}
		onchoose={(name) => workbench.edit('Change the exercise', changeExercise(plate.id, name))}
	/>
{/snippet}
{#snippet own()}{#if Fields}<Fields {workbench} {plate} />{/if}{/snippet}
{#snippet figures()}<FigureFields {workbench} {plate} />{/snippet}
{#snippet model()}<StrengthFields {workbench} {plate} />{/snippet}

<PlateBar
	parts={[
		exercise,
		...(Fields ? [own] : []),
		...(asks.includes('figures') || asks.includes('grounds') ? [figures] : []),
		...(asks.includes('strength') ? [model] : [])
	]}
/>
