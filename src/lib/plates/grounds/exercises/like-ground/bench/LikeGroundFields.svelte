<script lang="ts">
	import CheckField from '$lib/ui/CheckField.svelte';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { decideOn } from '../../../bench/decide';
	import ExchangeGrounds from '../../../bench/ExchangeGrounds.svelte';
	import { groundExercises } from '../../../exercises';
	import { setGroundColour } from '../../../grounds-edits';
	import { type GroundsPlate } from '../../../schema';
	import { likeGround } from '../like-ground';

	/** What is shown of the figures on their grounds: prediction, proof strip, cover, solution. */
	let { workbench, plate }: { workbench: Workbench; plate: GroundsPlate } = $props();

	const TOGGLES = [
		{ key: 'predicted', words: 'prediction' },
		{ key: 'strip', words: 'proof strip' },
		{ key: 'cover', words: 'cover' },
		{ key: 'solved', words: 'solution' }
	] as const;
	const settings = $derived(groundExercises.settingsOf(likeGround, plate));

	function takeSolution() {
		const solution = groundExercises.on(likeGround, plate, workbench.document.linked)?.made.solution();
		if (solution) workbench.edit('Take the solution', setGroundColour(plate.id, 'figure', 0, { text: solution.hex }));
	}
</script>

<div class="sentence" role="group" aria-label="Proofs">
	{#each TOGGLES as { key, words } (key)}
		<CheckField
			{words}
			checked={settings[key]}
			onset={(checked) => decideOn(likeGround, workbench, plate, `Show the ${words}`, { [key]: checked })}
		/>
	{/each}
	{#if settings.solved}<button class="act" onclick={takeSolution}>Take the solution</button>{/if}
	<ExchangeGrounds {workbench} {plate} />
</div>
