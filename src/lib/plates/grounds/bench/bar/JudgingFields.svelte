<script lang="ts">
	import { JUDGED_ROUNDS } from '$lib/core/matching/judging';
	import { type GroundsPlate } from '../../schema';
	import { decideGrounds } from '../../grounds-edits';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';

	/** The answers to which of two is lighter; each brings the next pair. A new series has other colours. */
	let { workbench, plate }: { workbench: Workbench; plate: GroundsPlate } = $props();

	const judged = $derived(plate.judged ?? { series: 0, answers: [] });
	const over = $derived(judged.answers.length >= JUDGED_ROUNDS);

	function answer(side: 0 | 1) {
		const answers = [...judged.answers, side];
		workbench.edit('Judge a pair', decideGrounds(plate.id, { judged: { ...judged, answers } }));
	}

	const again = () =>
		workbench.edit(
			'Begin a new series',
			decideGrounds(plate.id, { judged: { series: (judged.series + 1) % 1_000_000, answers: [] } })
		);
</script>

<div class="sentence" role="group" aria-label="Which is lighter?">
	{#if !over}
		<button class="act main" onclick={() => answer(0)}>The left one</button>
		<button class="act main" onclick={() => answer(1)}>The right one</button>
	{/if}
	<button class="act" disabled={judged.answers.length === 0} onclick={again}>Begin a new series</button>
	<span role="status">{over ? 'The series is over.' : `Pair ${judged.answers.length + 1} of ${JUDGED_ROUNDS}`}</span>
</div>
