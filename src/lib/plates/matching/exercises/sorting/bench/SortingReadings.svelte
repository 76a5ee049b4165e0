<script lang="ts">
	import { orderError } from '$lib/core/matching/sorting';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { decide } from '../../../bench/decide';
	import { matchingExercises } from '../../../exercises';
	import { MOST_ATTEMPTS } from '../../../match-state';
	import { type MatchingPlate } from '../../../schema';
	import { sorting, type Sorting } from '../sorting';

	/** Checking the order, and going on with it. */
	let { workbench, plate }: { workbench: Workbench; plate: MatchingPlate } = $props();

	const settings = $derived(matchingExercises.on(sorting, plate, workbench.document.linked)?.settings ?? null);

	const check = () =>
		decide(workbench, plate, sorting, 'Check the order', (latest): Sorting => ({
			...latest,
			stage: 'checked',
			errors: [...latest.errors, orderError(latest.order)].slice(-MOST_ATTEMPTS)
		}));
	const goOn = () =>
		decide(workbench, plate, sorting, 'Go on sorting', (latest): Sorting => ({ ...latest, stage: 'eye' }));
</script>

{#if settings}
	<div class="check">
		{#if settings.stage === 'checked'}
			<button class="act main" onclick={goOn}>Go on with it</button>
		{:else}
			<button class="act main" onclick={check}>Check</button>
		{/if}
		{#if settings.errors.length > 0}<p>Errors so far: {settings.errors.join(', ')}</p>{/if}
	</div>
{/if}

<style>
	.check {
		display: flex;
		gap: 12px;
		align-items: center;
	}
	p {
		font-size: 12px;
		color: var(--soft);
	}
</style>
