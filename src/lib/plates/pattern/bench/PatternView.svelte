<script lang="ts">
	import { inTurn } from '$lib/ui/in-turn';
	import { drawnFor } from '$lib/workbench/study/drawn';
	import PlateSurface from '$lib/workbench/study/PlateSurface.svelte';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { type TakenColour } from '$lib/model/colour-text';
	import { type PatternPlate } from '../schema';
	import CellsSurface from './CellsSurface.svelte';
	import ClimateBoxes from './ClimateBoxes.svelte';
	import { fillWithNew } from './colours';
	import { sayCounts } from './followed-rows';
	import { fillNumber } from './filling';
	import { nameOfColour } from '../words';

	/** A design on its board: its cells to be filled, or its climates to be chosen from. */
	let { workbench, plate }: { workbench: Workbench; plate: PatternPlate } = $props();

	const linked = $derived(workbench.document.linked);
	const drawing = $derived(drawnFor(workbench, plate));
	const number = $derived(fillNumber(workbench, plate));
	const heldWords = $derived(
		number === null ? '' : `fills with colour ${number + 1}, ${nameOfColour(plate, number, linked)}`
	);
	// A row that is followed has more or fewer steps now: said where it is seen.
	$effect(() => {
		const latest = plate;
		inTurn(`counts of ${latest.id}`, () => sayCounts(workbench, latest));
	});
</script>

<PlateSurface
	{workbench}
	{plate}
	{drawing}
	{heldWords}
	ondropped={(colour: TakenColour) => fillWithNew(workbench, plate, colour)}
>
	{#if plate.shows === 'climates'}
		<ClimateBoxes {workbench} {plate} />
	{:else}
		<CellsSurface {workbench} {plate} />
	{/if}
</PlateSurface>
