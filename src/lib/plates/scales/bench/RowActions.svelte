<script lang="ts">
	import IconButton from '$lib/ui/IconButton.svelte';
	import ArrowDownOutline from 'flowbite-svelte-icons/ArrowDownOutline.svelte';
	import ArrowUpOutline from 'flowbite-svelte-icons/ArrowUpOutline.svelte';
	import FileCopyOutline from 'flowbite-svelte-icons/FileCopyOutline.svelte';
	import LinkOutline from 'flowbite-svelte-icons/LinkOutline.svelte';
	import PenOutline from 'flowbite-svelte-icons/PenOutline.svelte';
	import TrashBinOutline from 'flowbite-svelte-icons/TrashBinOutline.svelte';
	import { type ScalesPlate } from '../schema';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { scaleOn } from './chosen-scale';
	import { namingOf } from './naming.svelte';
	import { deleteChosen, duplicateChosen, linkSteps, moveChosen } from './row-actions';

	let { workbench, plate }: { workbench: Workbench; plate: ScalesPlate } = $props();

	const naming = $derived(namingOf(workbench));
	const row = $derived(plate.scales.findIndex((scale) => scale === scaleOn(workbench, plate)));
</script>

<div class="actions" role="group" aria-label="Rows">
	<IconButton
		label="Move the row up"
		title="Move the row up (Alt ↑)"
		disabled={row === 0}
		onclick={() => moveChosen(workbench, -1)}
		icon={ArrowUpOutline}
	/>
	<IconButton
		label="Move the row down"
		title="Move the row down (Alt ↓)"
		disabled={row === plate.scales.length - 1}
		onclick={() => moveChosen(workbench, 1)}
		icon={ArrowDownOutline}
	/>
	<IconButton
		label="Name the row"
		title="Name the row (F2)"
		onclick={() => (naming.row = scaleOn(workbench, plate)?.id ?? null)}
		icon={PenOutline}
	/>
	<IconButton
		label="Make the steps linked colours"
		title="Make the steps linked colours of the study"
		onclick={() => linkSteps(workbench)}
		icon={LinkOutline}
	/>
	<IconButton label="Duplicate the row" onclick={() => duplicateChosen(workbench)} icon={FileCopyOutline} />
	<IconButton
		label="Delete the row"
		title="Delete the row (Delete)"
		onclick={() => deleteChosen(workbench)}
		icon={TrashBinOutline}
	/>
</div>

<style>
	.actions {
		display: flex;
		align-items: center;
		gap: 2px;
		white-space: nowrap;
	}
</style>
