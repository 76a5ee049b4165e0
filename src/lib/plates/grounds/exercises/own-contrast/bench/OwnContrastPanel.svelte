<script lang="ts">
	import { onMount } from 'svelte';
	import { sayP } from '../../../say-p';
	import { sayDay } from '$lib/drawing/say-day';
	import { groundExercises } from '../../../exercises';
	import { type GroundsPlate } from '../../../schema';
	import Chart from '$lib/ui/Chart.svelte';
	import { notices } from '$lib/ui/notices.svelte';
	import { setAllInfluences } from '../../../grounds-edits';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { ownContrast } from '../own-contrast';
	import { CONTRAST_CHART_HEIGHT, CONTRAST_FRAME, contrastSeries } from './contrast-chart';
	import { measures } from '../../../bench/measures.svelte';

	/** What a series came to, and the measures that are kept, to be used for predictions. */
	let { workbench, plate }: { workbench: Workbench; plate: GroundsPlate } = $props();

	const result = $derived(groundExercises.on(ownContrast, plate, workbench.document.linked)?.made.result ?? null);

	onMount(() => measures.load());

	function use(p: number) {
		const influence = Math.round(p * 100) / 100;
		workbench.edit('Predict with my own contrast', setAllInfluences(influence));
		notices.say(`Every plate of grounds in this study predicts with p = ${sayP(influence)}.`, {
			label: 'Undo',
			run: () => workbench.undo()
		});
	}
</script>

{#if result}
	<div class="chart">
		<p>Shift in value (up: seems lighter) against how much lighter the ground is, both L*</p>
		<Chart frame={CONTRAST_FRAME} series={contrastSeries(result.shifts)} height={CONTRAST_CHART_HEIGHT} />
		<p>Lozenges: what you set. Lines: the model with p = {sayP(result.p)}.</p>
		<p class="unseen" data-reading="shifts">
			Shifts set: {result.shifts.map(({ measured }) => measured.toFixed(1)).join(', ')}.
		</p>
	</div>
{/if}
<section aria-label="Kept measures">
	<h3>Kept measures</h3>
	{#if measures.list.length === 0}
		<p>None yet. Make all the matches, then “Keep the measure”.</p>
	{:else}
		<ul>
			{#each measures.list as { id, made, p, spread, matches } (id)}
				<li>
					<span>{sayDay(made)}<br />p = {sayP(p)} ± {spread.toFixed(2)}, {matches} matches</span>
					<button class="act" aria-label="Predict with {sayP(p)} of {sayDay(made)}" onclick={() => use(p)}>Use</button>
					<button class="act" aria-label="Delete the measure of {sayDay(made)}" onclick={() => void measures.remove(id)}
						>Delete</button
					>
				</li>
			{/each}
		</ul>
	{/if}
	<p>
		p is how strongly a ground works on a figure: −1 full contrast, 0 nothing. It is yours on this screen, in this room,
		on that day; twelve matches are few, and ± says how far they differ. It is no test of anyone’s eyes.
	</p>
</section>

<style>
	.chart,
	section {
		display: grid;
		gap: 7px;
		padding-top: 9px;
		border-top: 1px solid var(--rule);
		font-size: 12px;
	}
	p {
		font-size: 12px;
		color: var(--soft);
	}
	h3 {
		font-size: 15px;
	}
	ul {
		display: grid;
		gap: 6px;
		margin: 0;
		padding: 0;
		list-style: none;
	}
	li {
		display: grid;
		grid-template-columns: minmax(0, 1fr) auto auto;
		align-items: center;
		gap: 6px;
	}
</style>
