<script lang="ts">
	import ArrowDownOutline from 'flowbite-svelte-icons/ArrowDownOutline.svelte';
	import ArrowUpOutline from 'flowbite-svelte-icons/ArrowUpOutline.svelte';
	import FileCopyOutline from 'flowbite-svelte-icons/FileCopyOutline.svelte';
	import LinkOutline from 'flowbite-svelte-icons/LinkOutline.svelte';
	import TrashBinOutline from 'flowbite-svelte-icons/TrashBinOutline.svelte';
	import { type ScalesPlate } from '../schema';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { scaleOn } from './chosen-scale';
	import { deleteChosen, duplicateChosen, linkSteps, moveChosen } from './row-actions';

	let { workbench, plate }: { workbench: Workbench; plate: ScalesPlate } = $props();

	const row = $derived(plate.scales.findIndex((scale) => scale === scaleOn(workbench, plate)));
</script>

<div class="actions" role="group" aria-label="Rows">
	<button
		class="act bare"
		aria-label="Move the row up"
		title="Move the row up (Alt ↑)"
		disabled={row === 0}
		onclick={() => moveChosen(workbench, -1)}
	>
		<ArrowUpOutline size="sm" aria-hidden="true" />
	</button>
	<button
		class="act bare"
		aria-label="Move the row down"
		title="Move the row down (Alt ↓)"
		disabled={row === plate.scales.length - 1}
		onclick={() => moveChosen(workbench, 1)}
	>
		<ArrowDownOutline size="sm" aria-hidden="true" />
	</button>
	<button
		class="act bare"
		aria-label="Make the steps linked colours"
		title="Make the steps linked colours of the study"
		onclick={() => linkSteps(workbench)}
	>
		<LinkOutline size="sm" aria-hidden="true" />
	</button>
	<button
		class="act bare"
		aria-label="Duplicate the row"
		title="Duplicate the row"
		onclick={() => duplicateChosen(workbench)}
	>
		<FileCopyOutline size="sm" aria-hidden="true" />
	</button>
	<button
		class="act bare"
		aria-label="Delete the row"
		title="Delete the row (Delete)"
		onclick={() => deleteChosen(workbench)}
	>
		<TrashBinOutline size="sm" aria-hidden="true" />
	</button>
</div>

<style>
	.actions {
		display: flex;
		align-items: center;
		gap: 2px;
		white-space: nowrap;
	}
</style>
