<script lang="ts">
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { setNow } from '../match-state';
	import { matchedAt } from '../places';
	import { questionsOf } from '../questions';
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
	const asked = $derived(questionsOf(region?.lit ?? null));
	const KINDS = [
		{ key: 'value', name: 'Value' },
		{ key: 'chroma', name: 'Chroma' },
		{ key: 'hue', name: 'Hue' }
	] as const;
</script>

{#if region}
	<section aria-label="What to look at">
		<h3>{region.name}</h3>
		<dl>
			{#each KINDS as { key, name } (key)}
				<div>
					<dt>{name}</dt>
					<dd>{asked[key]}</dd>
				</div>
			{/each}
		</dl>
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
	dl {
		margin: 0;
	}
	dl div {
		display: grid;
		grid-template-columns: 62px 1fr;
		gap: 8px;
		padding: 8px 0;
		border-top: 1px solid var(--rule);
		font-size: 12.5px;
	}
	dt {
		font: italic 500 14px/1.25 var(--font-serif);
	}
	dd {
		margin: 0;
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
