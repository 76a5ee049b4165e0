<script lang="ts">
	import { coloursOfGrounds } from '../grounds-colours';
	import { groundsOf } from '../grounds-of';
	import { isPaired, type GroundsPlate } from '../schema';
	import ExerciseReadings from '$lib/workbench/readings/ExerciseReadings.svelte';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { remarksOnGrounds } from './ground-remarks';
	import { GROUND_WORDS } from './ground-words';
	import GroundSearchPanel from './GroundSearchPanel.svelte';
	import OwnContrastPanel from './OwnContrastPanel.svelte';
	import RowChart from './RowChart.svelte';

	let { workbench, plate }: { workbench: Workbench; plate: GroundsPlate } = $props();

	const made = $derived(groundsOf(plate, workbench.document.linked));
	const colours = $derived(coloursOfGrounds(plate, made));
	const remarks = $derived(remarksOnGrounds(plate, made));
	/** Whether the model says here what a figure looks like. */
	const predicts = $derived(plate.exercise === 'rows' || isPaired(plate.exercise));
</script>

<ExerciseReadings {workbench} words={GROUND_WORDS[plate.exercise]} {colours} {remarks}>
	{#if plate.exercise === 'one-as-two'}<GroundSearchPanel {workbench} {plate} />{/if}
	{#if plate.exercise === 'rows'}<RowChart {workbench} {plate} />{/if}
	{#if plate.exercise === 'own-contrast'}<OwnContrastPanel {workbench} {plate} />{/if}
	{#if predicts}
		<p>
			What a figure looks like is reckoned by CIECAM16 with the ground as its surround. It is a model: eyes differ, and
			so do screens and rooms.
		</p>
	{/if}
</ExerciseReadings>
