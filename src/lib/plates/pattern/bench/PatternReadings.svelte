<script lang="ts">
	import { untrack } from 'svelte';
	import { inTurn } from '$lib/ui/in-turn';
	import { remarksOnDesign } from '$lib/core/pattern/remarks';
	import { seenHex } from '$lib/drawing/view';
	import Remarks from '$lib/workbench/readings/Remarks.svelte';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { patchesOf, readingsOf } from '../design';
	import { type PatternPlate } from '../schema';
	import ByRule from './ByRule.svelte';
	import ClimateReadings from './ClimateReadings.svelte';
	import { takeColours } from './colours';
	import FillWith from './FillWith.svelte';
	import { followByNumber, followedRows } from './followed-rows';
	import PlateChecks from '$lib/workbench/readings/PlateChecks.svelte';

	/** What fills the design, the rules it can be laid by, and what it comes to. */
	let { workbench, plate }: { workbench: Workbench; plate: PatternPlate } = $props();

	/** What is read is read anew when there is time: nobody reads while a stroke or a dial goes on. */
	const now = $derived({ plate, linked: workbench.document.linked });
	let read = $state.raw(untrack(() => now));
	$effect(() => {
		const latest = now;
		if (untrack(() => read) !== latest) inTurn('readings of a pattern', () => (read = latest));
	});
	const readings = $derived(readingsOf(read.plate, read.linked));
	const patches = $derived(patchesOf(read.plate, read.linked));
	const remarks = $derived(remarksOnDesign(readings));
	const followed = $derived.by(() => {
		const latest = read.plate;
		return untrack(() => followedRows(workbench, latest)).filter(
			({ matches, unused }) => !matches || unused.length > 0
		);
	});
</script>

{#if plate.shows === 'climates'}
	<ClimateReadings {workbench} {plate} />
{:else}
	<div class="readings">
		<FillWith {workbench} {plate} />
		<ByRule {workbench} {plate} />
		<section class="read" aria-label="Readings">
			<p class="pair">
				<span>Value, L*</span>{#if readings.range}<b>{readings.range[0].toFixed(0)}–{readings.range[1].toFixed(0)}</b
					>{/if}
			</p>
			<div class="values" aria-hidden="true">
				{#each patches as { hex }, i (i)}
					{#if readings.shares[i]! > 0}
						<i style:left="{readings.values[i]!}%" style:background={seenHex(workbench.view, hex)}></i>
					{/if}
				{/each}
			</div>
			<Remarks {remarks} />
			{#each followed as each (each.row.name)}
				<p class="follows">
					<span
						>{each.row.name}: {each.row.colours.length} steps, {each.ids.length} colours follow{each.matches
							? ''
							: ', by nearest share'}.</span
					>
					{#if !each.matches}
						<button class="act small" onclick={() => followByNumber(workbench, plate, each)}>By number</button>
					{/if}
					{#if each.unused.length > 0}
						<button class="act small" onclick={() => takeColours(workbench, plate, each.unused)}
							>Add the other {each.unused.length}</button
						>
					{/if}
				</p>
			{/each}
		</section>
		<PlateChecks {workbench} plate={read.plate} />
	</div>
{/if}

<style>
	.readings {
		display: flex;
		flex-direction: column;
		gap: 12px;
		padding: 12px 18px;
		font-size: 12px;
	}
	.read {
		display: grid;
		gap: 6px;
		padding-top: 10px;
		border-top: 1px solid var(--rule);
	}
	.pair {
		display: flex;
		justify-content: space-between;
	}
	.values {
		position: relative;
		height: 16px;
		margin-inline: 6px;
		border-bottom: 1px solid var(--soft);
	}
	.values i {
		position: absolute;
		bottom: 0;
		width: 9px;
		height: 13px;
		margin-left: -4.5px;
	}
	.follows {
		display: grid;
		gap: 5px;
		justify-items: start;
	}
</style>
