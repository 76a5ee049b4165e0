<script lang="ts">
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import Toggles from '../../../bench/Toggles.svelte';
	import { type GroundsPlate } from '../../../schema';
	import { afterImage } from '../after-image';

	/** What is shown: the figure or the neutral field, and what is seen there. */
	let { workbench, plate }: { workbench: Workbench; plate: GroundsPlate } = $props();

	const TOGGLES = { covered: 'neutral field', predicted: 'prediction' } as const;
</script>

<div class="sentence" role="group" aria-label="After-image">
	<Toggles {workbench} {plate} exercise={afterImage} toggles={TOGGLES} />
	<button class="act" onclick={() => (workbench.teaching = true)}>Look</button>
</div>
