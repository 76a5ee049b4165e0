<script lang="ts">
	import { JUDGED_ROUNDS } from '$lib/core/matching/judging';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { decideOn } from '../../../bench/decide';
	import { groundExercises } from '../../../exercises';
	import { type GroundsPlate } from '../../../schema';
	import { nextSeries } from '../../../series';
	import { judging } from '../judging';

	/** The answers to which of two is lighter; each brings the next pair. A new series has other colours. */
	let { workbench, plate }: { workbench: Workbench; plate: GroundsPlate } = $props();

	const { series, answers } = $derived(groundExercises.settingsOf(judging, plate));
	const over = $derived(answers.length >= JUDGED_ROUNDS);

	const answer = (side: 0 | 1) => decideOn(judging, workbench, plate, 'Judge a pair', { answers: [...answers, side] });
	const again = () =>
		decideOn(judging, workbench, plate, 'Begin a new series', { series: nextSeries(series), answers: [] });
</script>

<div class="sentence" role="group" aria-label="Which is lighter?">
	{#if !over}
		<button class="act main" onclick={() => answer(0)}>The left one</button>
		<button class="act main" onclick={() => answer(1)}>The right one</button>
	{/if}
	<button class="act" disabled={answers.length === 0} onclick={again}>Begin a new series</button>
	<span role="status">{over ? 'The series is over.' : `Pair ${answers.length + 1} of ${JUDGED_ROUNDS}`}</span>
</div>
