<script lang="ts">
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { groundExercises } from '../../../exercises';
	import { type GroundsPlate } from '../../../schema';
	import { rows } from '../rows';

	/** Says what is missing where a row has no grounds. */
	let { workbench, plate }: { workbench: Workbench; plate: GroundsPlate } = $props();

	const isEmpty = $derived(groundExercises.on(rows, plate, workbench.document.linked)?.made.length === 0);
</script>

{#if isEmpty}<p>Choose a palette beside the plate: “Lay the figure over its colours”.</p>{/if}

<style>
	p {
		position: absolute;
		top: 40%;
		left: 10%;
	}
</style>
