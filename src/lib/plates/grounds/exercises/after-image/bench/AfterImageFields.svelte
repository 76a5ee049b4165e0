<script lang="ts">
	import CheckField from '$lib/ui/CheckField.svelte';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { decideOn } from '../../../bench/decide';
	import { groundExercises } from '../../../exercises';
	import { type GroundsPlate } from '../../../schema';
	import { afterImage } from '../after-image';

	/** What is shown: the figure or the neutral field, and what is seen there. */
	let { workbench, plate }: { workbench: Workbench; plate: GroundsPlate } = $props();

	const settings = $derived(groundExercises.settingsOf(afterImage, plate));
</script>

<div class="sentence" role="group" aria-label="After-image">
	<CheckField
		words="neutral field"
		checked={settings.covered}
		onset={(covered) => decideOn(afterImage, workbench, plate, 'Show the neutral field', { covered })}
	/>
	<CheckField
		words="prediction"
		checked={settings.predicted}
		onset={(predicted) => decideOn(afterImage, workbench, plate, 'Show the prediction', { predicted })}
	/>
	<button class="act" onclick={() => (workbench.teaching = true)}>Look</button>
</div>
