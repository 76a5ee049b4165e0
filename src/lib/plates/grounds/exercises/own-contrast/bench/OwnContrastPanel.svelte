<script lang="ts">
	import { onMount } from 'svelte';
	import { type Strengths } from '$lib/core/ground/on-ground';
	import { inHundredths, sayStrengths } from '../../../say-strengths';
	import { sayDay } from '$lib/drawing/say-day';
	import { groundExercises } from '../../../exercises';
	import { type GroundsPlate } from '../../../schema';
	import Chart from '$lib/ui/Chart.svelte';
	import { notices } from '$lib/ui/notices.svelte';
	import { setAllStrengths } from '../../../grounds-edits';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { ownContrast } from '../own-contrast';
	import { CONTRAST_CHART_HEIGHT, CONTRAST_FRAME, contrastSeries } from './contrast-chart';
	import { measures } from '../../../bench/measures.svelte';

	/** What a series came to, and the measures that are kept, to be used for predictions. */
	let { workbench, plate }: { workbench: Workbench; plate: GroundsPlate } = $props();

	const result = $derived(groundExercises.on(ownContrast, plate, workbench.document.linked)?.made.result ?? null);

	onMount(() => measures.load());

	let picker = $state<HTMLInputElement | null>(null);

	async function bring(field: HTMLInputElement) {
		const file = field.files?.[0];
		field.value = '';
		if (file) await measures.bring(file);
	}

	function use(measured: Strengths) {
		const strengths = inHundredths(measured);
		workbench.edit('Predict with my own contrast', setAllStrengths(strengths));
		notices.say(`Every plate of grounds in this study predicts with ${sayStrengths(strengths)}.`, {
			label: 'Undo',
			run: () => workbench.undo()
		});
	}
</script>

{#if result}
	<div class="chart">
		<p>Shift in value (up: seems lighter) against how much lighter the ground is, both L*</p>
		<Chart frame={CONTRAST_FRAME} series={contrastSeries(result.shifts)} height={CONTRAST_CHART_HEIGHT} />
		<p>Lozenges: what you set. Lines: the model with {sayStrengths(result.strengths)}.</p>
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
			{#each measures.list as { id, made, strengths, spread, matches } (id)}
				<li>
					<span
						>{sayDay(made)}, {matches} matches<br />{sayStrengths(strengths)} (± {spread.value.toFixed(2)} and {spread.colour.toFixed(
							2
						)})</span
					>
					<button class="act" aria-label="Predict with the measure of {sayDay(made)}" onclick={() => use(strengths)}
						>Use</button
					>
					<button class="act" aria-label="Delete the measure of {sayDay(made)}" onclick={() => measures.remove(id)}
						>Delete</button
					>
				</li>
			{/each}
		</ul>
	{/if}
	<div class="files">
		<button class="act" disabled={measures.list.length === 0} onclick={() => measures.takeAlong()}
			>Take along as a file</button
		>
		<button class="act" onclick={() => picker?.click()}>Bring from a file</button>
		<input
			bind:this={picker}
			class="unseen"
			type="file"
			accept=".json,application/json"
			tabindex="-1"
			aria-label="File of measures"
			onchange={(event) => void bring(event.currentTarget)}
		/>
	</div>
	<p>
		How strongly a ground works on a figure, on its value and on its colour: below 0 contrast, 0 nothing, above 0
		assimilation. It is yours on this screen, in this room, on that day; twelve matches are few, and ± says how far they
		differ. It is no test of anyone’s eyes. Only this browser keeps it.
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
	.files {
		display: flex;
		flex-wrap: wrap;
		gap: 6px;
	}
	li {
		display: grid;
		grid-template-columns: minmax(0, 1fr) auto auto;
		align-items: center;
		gap: 6px;
	}
</style>
