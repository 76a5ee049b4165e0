<script lang="ts">
	import { onMount } from 'svelte';
	import { type Chart, type ChartOption } from './charts';

	/** A chart that is redrawn at once when its option changes, without moving by itself. `says` is what it shows, in words. */
	let { option, height, says }: { option: ChartOption; height: number; says: string } = $props();

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

	$effect(() => {
		chart?.setOption(option, { lazyUpdate: false });
		// Painted now, in the frame of the change, not in the next one.
		chart?.getZr().flush();
	});
</script>

<div bind:this={place} style:height="{height}px" role="img" aria-label={says}></div>
