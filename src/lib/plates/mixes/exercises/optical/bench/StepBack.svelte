<script lang="ts">
	import { onMount } from 'svelte';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { type MixesPlate } from '../../../schema';
	import { stepBackOf } from './step-back.svelte';

	/** Steps back from the fine pattern: it shrinks smoothly, or at once where motion is not wanted. It changes nothing that is stored. */
	let { workbench, plate }: { workbench: Workbench; plate: MixesPlate } = $props();

	const back = $derived(stepBackOf(workbench));
	const FAR = 0.08;
	const SECONDS = 4;
	let frame = 0;

	function go(to: number) {
		cancelAnimationFrame(frame);
		if (matchMedia('(prefers-reduced-motion: reduce)').matches) {
			back.share = to;
			return;
		}
		const from = back.share;
		const start = performance.now();
		const step = (now: number) => {
			const share = Math.min(1, (now - start) / (1000 * SECONDS));
			// Equal steps look equal when the size changes by equal ratios.
			back.share = from * (to / from) ** share;
			if (share < 1) frame = requestAnimationFrame(step);
		};
		frame = requestAnimationFrame(step);
	}

	// Whoever goes to another plate comes back to it near.
	$effect(() => {
		void plate.id;
		const of = back;
		return () => (of.share = 1);
	});

	// Not onDestroy, which the server runs too, where there are no frames.
	onMount(() => () => cancelAnimationFrame(frame));
</script>

<button class="act" onclick={() => go(back.share < 0.5 ? 1 : FAR)}>
	{back.share < 0.5 ? 'Come near' : 'Step back'}
</button>
<label>
	<input
		type="range"
		min={FAR}
		max="1"
		step="0.01"
		value={1 + FAR - back.share}
		aria-label="How far away"
		aria-valuetext="seen at {Math.round(back.share * 100)} % of its size"
		oninput={(event) => {
			cancelAnimationFrame(frame);
			back.share = 1 + FAR - Number(event.currentTarget.value);
		}}
	/>
	{Math.round(back.share * 100)} %
</label>
