<script lang="ts">
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { setNow } from '../match-state';
	import { matchedAt } from '../places';
	import Questions from './Questions.svelte';
	import { type MatchingPlate } from '../schema';
	import { check } from './acts';
	import { regionHeld } from './held-region';

	/** Questions in place of numbers, on the region that is held; and the check, when something is set. */
	let { workbench, plate }: { workbench: Workbench; plate: MatchingPlate } = $props();

	const found = $derived(matchedAt(plate, workbench.document.linked));
	const regions = $derived(found ? found.match.regions(found.at) : []);
	const region = $derived(regions[regionHeld(workbench) ?? 0] ?? null);
	const count = $derived(
		found ? regions.filter((_, i) => setNow(found.at.common, found.at.settings, i, found.at.linked) !== null).length : 0
	);
</script>

{#if region}
	<section aria-label="What to look at">
		<h3>{region.name}</h3>
		<Questions lit={region.lit} />
		<div class="check">
			<button class="act main" disabled={count === 0} onclick={() => check(workbench, plate)}>Check</button>
			<p role="status">
				{#if regions.length === 1}
					{count === 0 ? 'Set the colour first.' : 'Check when both look the same.'}
				{:else}
					{count} of {regions.length} set. {count < regions.length ? 'What is still grey is not counted.' : ''}
				{/if}
			</p>
		</div>
	</section>
{/if}

<style>
	section {
		display: grid;
		gap: 8px;
		border-top: 1px solid var(--rule);
	}
	h3 {
		padding-top: 8px;
		font-size: 17px;
	}
	.check {
		display: flex;
		gap: 12px;
		align-items: center;
	}
	.check p {
		font-size: 12px;
		color: var(--soft);
	}
</style>
