<script lang="ts">
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import ColourTable from '$lib/workbench/readings/ColourTable.svelte';
	import PlateChecks from '$lib/workbench/readings/PlateChecks.svelte';
	import Remarks from '$lib/workbench/readings/Remarks.svelte';
	import { matchingExercises } from '../exercises';
	import { type MatchingPlate } from '../schema';
	import { choosesPaints, matchedAt } from '../places';
	import Attempts from './Attempts.svelte';
	import { benchOfExercise } from './exercise-benches';
	import Paints from './Paints.svelte';
	import Reach from './Reach.svelte';
	import ToLookAt from './ToLookAt.svelte';

	/** What to look at while the eye works; what came of it afterwards. */
	let { workbench, plate }: { workbench: Workbench; plate: MatchingPlate } = $props();

	const linked = $derived(workbench.document.linked);
	const exercise = $derived(matchingExercises.of(plate));
	const at = $derived(matchingExercises.atWork(plate, linked));
	const settings = $derived(matchedAt(plate, linked)?.at.settings ?? null);
	const Further = $derived(benchOfExercise(plate).readings);
</script>

<section class="readings" aria-label="Readings">
	<h2>{exercise.words.name}</h2>
	<p>{exercise.words.says}</p>
	{#if settings?.stage === 'eye'}
		{#if settings.way === 'paint'}<Paints {workbench} {plate} />{/if}
		<ToLookAt {workbench} {plate} />
	{:else}
		{#if choosesPaints(plate)}<Paints {workbench} {plate} />{/if}
		<Remarks remarks={exercise.remarks(at)} />
		{#if settings?.stage === 'checked'}
			<Attempts {workbench} {plate} />
			{#if settings.way === 'paint'}<Reach {workbench} {plate} />{/if}
		{/if}
		{#if settings}<ColourTable {workbench} colours={exercise.colours(at)} />{/if}
	{/if}
	<PlateChecks {workbench} {plate} />
	{#if Further}<Further {workbench} {plate} />{/if}
</section>

<style>
	.readings {
		display: flex;
		flex-direction: column;
		gap: 10px;
		padding: 14px 18px;
	}
	h2 {
		font-size: 18px;
		line-height: 1.1;
	}
	p {
		font-size: 12px;
		color: var(--soft);
	}
</style>
