<script lang="ts">
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import ExchangeGrounds from '../../../bench/ExchangeGrounds.svelte';
	import Toggles from '../../../bench/Toggles.svelte';
	import { groundExercises } from '../../../exercises';
	import { setGroundColour } from '../../../grounds-edits';
	import { type GroundsPlate } from '../../../schema';
	import { likeGround } from '../like-ground';

	/** What is shown of the figures on their grounds: prediction, proof strip, cover, solution. */
	let { workbench, plate }: { workbench: Workbench; plate: GroundsPlate } = $props();

	const TOGGLES = { predicted: 'prediction', strip: 'proof strip', cover: 'cover', solved: 'solution' } as const;

	const solved = $derived(groundExercises.settingsOf(likeGround, plate).solved);

	function takeSolution() {
		const solution = groundExercises.on(likeGround, plate, workbench.document.linked)?.made.solution();
		if (solution) workbench.edit('Take the solution', setGroundColour(plate.id, 'figure', 0, { text: solution.hex }));
	}
</script>

<div class="sentence" role="group" aria-label="Proofs">
	<Toggles {workbench} {plate} exercise={likeGround} toggles={TOGGLES} />
	{#if solved}<button class="act" onclick={takeSolution}>Take the solution</button>{/if}
	<ExchangeGrounds {workbench} {plate} />
</div>
