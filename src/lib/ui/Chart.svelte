<script lang="ts">
	import { onMount } from 'svelte';
	import { type Chart, type ChartOption } from './charts';

	interface Props {
		/** What rarely changes; a new one draws the chart afresh. */
		frame: ChartOption;
		/** What follows at once, in the frame of the change. */
		series: ChartOption;
		height: number;
	}

	/** A chart that follows without moving by itself. What it shows is said in words beside it. */
	let { frame, series, height }: Props = $props();

	let place = $state<HTMLDivElement>();
	let chart = $state.raw<Chart>();

	onMount(() => {
		let gone = false;
		// The chart library is large and nobody waits for it: the page works before it is there.
		void import('./charts').then(({ openChart }) => {
			if (!gone && place) chart = openChart(place);
		});
		const observer = new ResizeObserver(() => chart?.resize());
		if (place) observer.observe(place);
		return () => {
			gone = true;
			observer.disconnect();
			chart?.dispose();
		};
	});

	let drawn: ChartOption | null = null;

	$effect(() => {
		if (!chart) return;
		if (drawn !== frame) chart.setOption(frame, { notMerge: true });
		chart.setOption(series, { silent: true });
		drawn = frame;
		// Painted now, not in the next frame.
		chart.getZr().flush();
	});
</script>

<div bind:this={place} style:height="{height}px" aria-hidden="true"></div>
