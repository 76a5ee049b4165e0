<script lang="ts">
	import { onMount } from 'svelte';
	import { type Chart, type ChartOption } from './charts';
	import { inTurn } from './in-turn';

	interface Props {
		/** What rarely changes; a new one draws the chart afresh. */
		frame: ChartOption;
		/** What follows at once, in the frame of the change, unless it is patient. */
		series: ChartOption;
		height: number;
		/** Whether it may wait until there is time, where much else has to follow in the frame. */
		patient?: boolean;
	}

	/** A chart that follows without moving by itself. What it shows is said in words beside it. */
	let { frame, series, height, patient = false }: Props = $props();

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

	const id = $props.id();
	let drawn: ChartOption | null = null;

	$effect(() => {
		if (!chart) return;
		const [open, latest, isNew] = [chart, series, drawn !== frame];
		if (isNew) open.setOption(frame, { notMerge: true });
		drawn = frame;
		const paint = () => {
			if (open.isDisposed()) return;
			open.setOption(latest, { silent: true });
			// Painted now, not in the next frame.
			open.getZr().flush();
		};
		if (isNew || !patient) paint();
		else inTurn(id, paint);
	});
</script>

<div bind:this={place} style:height="{height}px" aria-hidden="true"></div>
