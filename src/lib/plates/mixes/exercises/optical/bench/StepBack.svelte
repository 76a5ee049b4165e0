<script lang="ts">
	import { onMount } from 'svelte';
	import { type MixesPlate } from '../../../schema';
	import { setStepBack, stepBack } from './step-back.svelte';

	/** Steps back from the fine pattern: it shrinks smoothly, or at once where motion is not wanted. It changes nothing that is stored. */
	let { plate }: { plate: MixesPlate } = $props();

	const FAR = 0.08;
	const SECONDS = 4;
	let frame = 0;

	function go(to: number) {
		cancelAnimationFrame(frame);
		if (matchMedia('(prefers-reduced-motion: reduce)').matches) {
			setStepBack(to);
			return;
		}
		const from = stepBack();
		const start = performance.now();
		const step = (now: number) => {
			const share = Math.min(1, (now - start) / (1000 * SECONDS));
			// Equal steps look equal when the size changes by equal ratios.
			setStepBack(from * (to / from) ** share);
			if (share < 1) frame = requestAnimationFrame(step);
		};
		frame = requestAnimationFrame(step);
	}

	// Whoever goes to another plate comes back to it near.
	$effect(() => {
		void plate.id;
		return () => setStepBack(1);
	});

	// Not onDestroy, which the server runs too, where there are no frames.
	onMount(() => () => cancelAnimationFrame(frame));
</script>

<button class="act" onclick={() => go(stepBack() < 0.5 ? 1 : FAR)}>
	{stepBack() < 0.5 ? 'Come near' : 'Step back'}
</button>
<label>
	<input
		type="range"
		min={FAR}
		max="1"
		step="0.01"
		value={1 + FAR - stepBack()}
		aria-label="How far away"
		aria-valuetext="seen at {Math.round(stepBack() * 100)} % of its size"
		oninput={(event) => {
			cancelAnimationFrame(frame);
			setStepBack(1 + FAR - Number(event.currentTarget.value));
		}}
	/>
	{Math.round(stepBack() * 100)} %
</label>
