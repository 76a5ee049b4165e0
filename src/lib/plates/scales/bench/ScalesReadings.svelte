<script lang="ts">
	import Button from 'flowbite-svelte/Button.svelte';
	import { readScale } from '$lib/core/scale/readings';
	import { teachingOf } from '$lib/core/scale/words';
	import { labelOfRow } from '../draw-scales';
	import { remarksOfScale } from '../remarks-of';
	import { sheetOf } from '$lib/drawing/plate-ground';
	import { scaleOf, specOf } from '../scale-of';
	import { type ScalesPlate } from '../schema';
	import Chart from '$lib/ui/Chart.svelte';
	import { copyText } from '$lib/workbench/mixer/clipboard';
	import { type Mend } from '$lib/core/remark';
	import { mendScale } from './mend-scale';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { CHARTS_HEIGHT, chartFrame, chartSeries, VALUE_HEIGHT } from '$lib/workbench/readings/reading-charts';
	import { scaleOn } from './chosen-scale';
	import PlateChecks from '$lib/workbench/readings/PlateChecks.svelte';
	import RowActions from './RowActions.svelte';
	import Remarks from '$lib/workbench/readings/Remarks.svelte';
	import ValueMarks from '$lib/workbench/readings/ValueMarks.svelte';

	let { workbench, plate }: { workbench: Workbench; plate: ScalesPlate } = $props();

	const decision = $derived(scaleOn(workbench, plate));
	const ground = $derived(sheetOf(plate, workbench.document.linked).linear);
	const scale = $derived(decision && scaleOf(decision, workbench.document.linked));
	const readings = $derived(scale && readScale(scale, ground));
	const spec = $derived(decision && specOf(decision, workbench.document.linked));
	const remarks = $derived(decision ? remarksOfScale(decision, workbench.document.linked, ground) : []);
	const inAll = $derived(scale?.inAll ?? 2);
	const frame = $derived(chartFrame(inAll));
	const series = $derived(scale && readings ? chartSeries(scale, readings) : {});
	const lowest = $derived(readings ? Math.min(...readings.values).toFixed(0) : '');
	const highest = $derived(readings ? Math.max(...readings.values).toFixed(0) : '');

	const MENDS: Readonly<Record<Mend, string>> = {
		'even-out': 'Even out the steps',
		'use-purest': 'Use the purest of its hue',
		'as-interval': 'Make it an interval',
		'as-tones': 'Make it tones',
		'through-neutral': 'Go through the neutral'
	};
</script>

{#snippet mend(what: Mend)}
	{#if decision && !(what === 'even-out' && decision.spacing === 'differences')}
		<Button class="act mend" onclick={() => mendScale(workbench, plate, decision, what)}>{MENDS[what]}</Button>
	{/if}
{/snippet}

<section class="readings" aria-label="Readings">
	{#if decision && scale && readings}
		<header>
			<h2>{labelOfRow(decision)}</h2>
			<span>row {plate.scales.indexOf(decision) + 1}</span>
			<RowActions {workbench} {plate} />
		</header>
		<p class="teaches">{spec ? teachingOf(spec) : ''}</p>
		<div class="charts">
			<p class="line"><span>Value, L*</span><b>{lowest === highest ? lowest : `${lowest}–${highest}`}</b></p>
			<div class="chart">
				<Chart {frame} {series} height={CHARTS_HEIGHT} />
				<ValueMarks />
				<i class="base" style:top="{CHARTS_HEIGHT - 1}px"></i>
				<p class="line under" style:top="{VALUE_HEIGHT + 8}px">
					<span>Difference to the next, ΔE00</span>
					<b>{Math.min(...readings.differences).toFixed(1)}–{Math.max(...readings.differences).toFixed(1)}</b>
				</p>
			</div>
			<p class="unseen" data-reading="values">
				Value of each step: {readings.values.map((value) => value.toFixed(0)).join(', ')}. Difference between
				neighbours:
				{readings.differences.map((difference) => difference.toFixed(1)).join(', ')}.
			</p>
		</div>
		<dl>
			<dt>Evenness, of 1</dt>
			<dd>{readings.evenness.toFixed(2)}</dd>
			<dt>Parent’s own grey</dt>
			<dd>
				<button class="grey" onclick={() => copyText(readings.ownGrey.hex)} title="Copy {readings.ownGrey.hex}">
					<i style:background={readings.ownGrey.hex}></i>{readings.ownGrey.hex}
				</button>
			</dd>
			<dt>The same in grey ink</dt>
			<dd>{readings.ownGrey.ink.toFixed(0)} %</dd>
		</dl>
		<Remarks {remarks} {mend} />
	{:else}
		<h2>Nothing to read yet</h2>
		<p>Add a scale to this plate. What it measures is said here.</p>
	{/if}
	<PlateChecks {workbench} {plate} />
</section>

<style>
	.readings {
		display: flex;
		flex-direction: column;
		gap: 11px;
		padding: 14px 18px;
	}
	header {
		display: flex;
		flex-wrap: wrap;
		align-items: baseline;
		gap: 2px 8px;
	}
	header :global(.actions) {
		align-self: center;
		margin: -4px -6px;
	}
	h2 {
		font-size: 18px;
		line-height: 1.1;
	}
	header span {
		white-space: nowrap;
	}
	header span,
	.teaches {
		font-size: 12px;
		color: var(--soft);
	}
	.line {
		display: flex;
		justify-content: space-between;
		margin-bottom: 3px;
		font-size: 12px;
	}
	.charts,
	.chart {
		position: relative;
	}
	/* Its marks lie behind the chart. */
	.chart {
		isolation: isolate;
	}
	.base {
		position: absolute;
		left: 26px;
		right: 6px;
		border-top: 1px solid #767676;
	}
	.under {
		position: absolute;
		left: 0;
		right: 0;
	}
	b {
		font-weight: 600;
	}
	dl {
		display: grid;
		grid-template-columns: 1fr auto;
		gap: 4px;
		margin: 0;
		padding-top: 9px;
		border-top: 1px solid var(--rule);
		font-size: 12.5px;
	}
	dd {
		margin: 0;
		font-weight: 600;
		text-align: right;
	}
	.grey {
		display: inline-flex;
		align-items: center;
		gap: 6px;
		font-weight: 600;
		cursor: pointer;
	}
	.grey i {
		width: 13px;
		height: 13px;
	}
	.readings :global(.mend) {
		display: flex;
		margin-top: 5px;
	}
</style>
