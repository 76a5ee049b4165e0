<script lang="ts">
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { exchangeGrounds } from '../grounds-edits';
	import { type GroundsPlate } from '../schema';

	interface Props {
		workbench: Workbench;
		plate: GroundsPlate;
		words?: string;
	}

	/** Lets the two grounds change places. */
	let { workbench, plate, words = 'Exchange grounds' }: Props = $props();
</script>

<button class="act" onclick={() => workbench.edit('Exchange the grounds', exchangeGrounds(plate.id))}>{words}</button>
