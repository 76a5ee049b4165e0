<script lang="ts">
	import { WAYS } from '$lib/core/mix/ways';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { decideOn } from '../../../bench/decide';
	import { placeOn } from '../../../bench/held';
	import { mixExercises } from '../../../exercises';
	import { type MixesPlate } from '../../../schema';
	import { ways } from '../ways';

	/** Lets the way that is held count as the mix. */
	let { workbench, plate }: { workbench: Workbench; plate: MixesPlate } = $props();

	const chosen = $derived(mixExercises.settingsOf(ways, plate).way);
	const way = $derived(WAYS.find((each) => each === placeOn(workbench)?.key) ?? null);
</script>

{#if way && way !== chosen}
	<button class="act" onclick={() => decideOn(ways, workbench, plate, 'Choose the mix', { way })}
		>Make it the mix</button
	>
{/if}
