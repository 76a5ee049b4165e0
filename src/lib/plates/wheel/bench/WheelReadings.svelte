<script lang="ts">
	import { remarksOnChart, readHues } from '$lib/core/scheme/chart-readings';
	import { TEMPERATURE_WORDS, temperature } from '$lib/core/scheme/temperature';
	import { hueName } from '../cell-names';
	import { chartOf, chartSpecOf, hueRing } from '../chart-of';
	import { seenHex } from '$lib/drawing/view';
	import { type WheelPlate } from '../schema';
	import Chart from '$lib/ui/Chart.svelte';
	import { valueFrame, valueSeries, VALUE_HEIGHT } from '$lib/workbench/readings/reading-charts';
	import PlateChecks from '$lib/workbench/readings/PlateChecks.svelte';
	import Remarks from '$lib/workbench/readings/Remarks.svelte';
	import ValueMarks from '$lib/workbench/readings/ValueMarks.svelte';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { chosenCell, holdCell } from './chosen-cell';
	import SpokeReadings from './SpokeReadings.svelte';

	let { workbench, plate }: { workbench: Workbench; plate: WheelPlate } = $props();

	const linked = $derived(workbench.document.linked);
	const chart = $derived(chartOf(plate, linked));
	const hues = $derived(chart.map(({ steps }) => steps[hueRing(plate)]!));
	const readings = $derived(readHues(hues));
	const names = $derived(chart.map(({ angle, steps }) => hueName(plate, angle, steps)));
	const remarks = $derived(remarksOnChart(readings, names, chartSpecOf(plate, linked), chart));
	const frame = $derived(valueFrame(plate.hues));
	const series = $derived(valueSeries(hues));

	const cell = $derived(chosenCell(workbench, plate) ?? { spoke: 0, ring: hueRing(plate) });
	const hue = $derived(hues[cell.spoke]!);
	const opposite = $derived((cell.spoke + plate.hues / 2) % plate.hues);
</script>

<section class="readings" aria-label="Readings">
	<header>
		<h2>Hue {cell.spoke + 1}</h2>
		<span>of {plate.hues}, {names[cell.spoke]}</span>
	</header>
	<dl>
		<dt>Stands at</dt>
		<dd>{chart[cell.spoke]!.angle.toFixed(0)}°</dd>
		<dt>Warm or cool</dt>
		<dd>{TEMPERATURE_WORDS[temperature(hue.linear)]}</dd>
		<dt>Opposite</dt>
		<dd>
			<button class="opposite" onclick={() => holdCell(workbench, plate, opposite, cell.ring)}>
				<i style:background={seenHex(workbench.view, hues[opposite]!.hex)}></i>hue {opposite + 1}
			</button>
		</dd>
	</dl>
	<SpokeReadings {workbench} {plate} {cell} steps={chart[cell.spoke]!.steps} />
	<div class="round">
		<p class="line">
			<span>Value round the wheel, L*</span>
			<b>{Math.min(...readings.values).toFixed(0)}–{Math.max(...readings.values).toFixed(0)}</b>
		</p>
		<div class="chart">
			<Chart {frame} {series} height={VALUE_HEIGHT} />
			<ValueMarks />
		</div>
		<p class="unseen" data-reading="values">
			Value of each hue: {readings.values.map((value) => value.toFixed(0)).join(', ')}.
		</p>
	</div>
	<Remarks {remarks} />
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
		align-items: baseline;
		gap: 8px;
	}
	h2 {
		font-size: 18px;
		line-height: 1.1;
	}
	header span {
		font-size: 12px;
		color: var(--soft);
	}
	dl {
		display: grid;
		grid-template-columns: 1fr auto;
		gap: 4px;
		margin: 0;
		font-size: 12.5px;
	}
	dd {
		margin: 0;
		font-weight: 600;
		text-align: right;
	}
	.opposite {
		display: inline-flex;
		align-items: center;
		gap: 6px;
		font-weight: 600;
		text-decoration: underline;
		text-underline-offset: 3px;
		cursor: pointer;
	}
	i {
		width: 13px;
		height: 13px;
	}
	.round {
		padding-top: 9px;
		border-top: 1px solid var(--rule);
	}
	.line {
		display: flex;
		justify-content: space-between;
		margin-bottom: 3px;
		font-size: 12px;
	}
	.chart {
		position: relative;
	}
	/* Its marks lie behind the chart. */
	.chart {
		isolation: isolate;
	}
	b {
		font-weight: 600;
	}
</style>
