<script lang="ts">
	import CheckField from '$lib/ui/CheckField.svelte';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { decideOn } from '../../../bench/decide';
	import ExchangeGrounds from '../../../bench/ExchangeGrounds.svelte';
	import { groundExercises } from '../../../exercises';
	import { type GroundsPlate } from '../../../schema';
	import { oneAsTwo } from '../one-as-two';

	/** What is shown of the figures on their grounds: prediction, proof strip, cover. */
	let { workbench, plate }: { workbench: Workbench; plate: GroundsPlate } = $props();

	const TOGGLES = [
		{ key: 'predicted', words: 'prediction' },
		{ key: 'strip', words: 'proof strip' },
		{ key: 'cover', words: 'cover' }
	] as const;
	const settings = $derived(groundExercises.settingsOf(oneAsTwo, plate));
</script>

<div class="sentence" role="group" aria-label="Proofs">
	{#each TOGGLES as { key, words } (key)}
		<CheckField
			{words}
			checked={settings[key]}
			onset={(checked) => decideOn(oneAsTwo, workbench, plate, `Show the ${words}`, { [key]: checked })}
		/>
	{/each}
	<ExchangeGrounds {workbench} {plate} />
</div>
