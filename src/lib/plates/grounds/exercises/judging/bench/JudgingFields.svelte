<script lang="ts">
	import { JUDGED_ROUNDS } from '$lib/core/matching/judging';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { groundExercises } from '../../../exercises';
	import { type GroundsPlate } from '../../../schema';
	import { judging } from '../judging';
	import { beginAgain, judgePair, reviewPair } from './judge-pair';

	/** The answers to which of two is lighter; each brings the next pair. A new series has other colours. */
	let { workbench, plate }: { workbench: Workbench; plate: GroundsPlate } = $props();

	const { answers } = $derived(groundExercises.settingsOf(judging, plate));
	const made = $derived(groundExercises.on(judging, plate, workbench.document.linked)?.made);
	const review = $derived(made?.review ?? null);
	const over = $derived(answers.length >= JUDGED_ROUNDS);
	const missed = $derived((made?.right ?? []).flatMap((was, round) => (was ? [] : [round])));
	/** The missed pair after the one that is looked at; after the last the first again. */
	const next = $derived(missed.find((round) => round > (review?.round ?? -1)) ?? missed[0]);

	const status = $derived.by(() => {
		if (review) return `Pair ${review.round + 1} again`;
		return over ? 'The series is over.' : `Pair ${answers.length + 1} of ${JUDGED_ROUNDS}`;
	});
</script>

<div class="sentence" role="group" aria-label="Which is lighter?">
	{#if review}
		<button class="act main" onclick={() => reviewPair(workbench, plate, undefined)}
			>{over ? 'To the result' : 'Go on judging'}</button
		>
	{:else if !over}
		<button class="act main" onclick={() => judgePair(workbench, plate, 0)}>The left one</button>
		<button class="act main" onclick={() => judgePair(workbench, plate, 1)}>The right one</button>
	{/if}
	{#if next !== undefined && next !== review?.round}
		<button class="act" onclick={() => reviewPair(workbench, plate, next)}
			>{review ? 'The next missed pair' : 'Look at what was missed'}</button
		>
	{/if}
	<button class="act" disabled={answers.length === 0} onclick={() => beginAgain(workbench, plate)}
		>Begin a new series</button
	>
	<span role="status">{status}</span>
</div>
