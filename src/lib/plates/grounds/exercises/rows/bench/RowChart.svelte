<script lang="ts">
	import { groundExercises } from '../../../exercises';
	import { type GroundsPlate } from '../../../schema';
	import { rows } from '../rows';
	import Chart from '$lib/ui/Chart.svelte';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { ROW_CHART_HEIGHT, rowFrame, rowSeries } from './row-chart';

	/** How far a figure, or a scale, seems to move in value and in chroma, ground by ground. */
	let { workbench, plate }: { workbench: Workbench; plate: GroundsPlate } = $props();

	const row = $derived(groundExercises.on(rows, plate, workbench.document.linked)?.made ?? []);
	const steps = $derived(row[0]?.seen.length ?? 0);
	const grounds = $derived(row.length);
	const frame = $derived(rowFrame(grounds, steps));
	const said = $derived(row.map(({ value, chroma }) => `${value.toFixed(1)} and ${chroma.toFixed(3)}`).join('; '));
</script>

{#if grounds > 0}
	<div>
		<p>
			Shift by ground: value, L* (above); OKLCH chroma (below){steps > 1 ? '. Thin: each step; thick: their mean' : ''}
		</p>
		<Chart {frame} series={rowSeries(row)} height={ROW_CHART_HEIGHT} patient />
		<p class="unseen" data-reading="shifts">Shift of value and of chroma on each ground: {said}.</p>
	</div>
{/if}

<style>
	div {
		padding-top: 9px;
		border-top: 1px solid var(--rule);
	}
	p {
		font-size: 12px;
		color: var(--soft);
	}
</style>
