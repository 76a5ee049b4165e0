<script lang="ts">
	import { onMount } from 'svelte';
	import { type Workbench } from '../../study/workbench.svelte';

	/** Steps back from the fine pattern: it shrinks smoothly, or at once where motion is not wanted. It changes nothing that is stored. */
	let { workbench }: { workbench: Workbench } = $props();

	const FAR = 0.08;
	const SECONDS = 4;
	let frame = 0;

	function go(to: number) {
		cancelAnimationFrame(frame);
		if (matchMedia('(prefers-reduced-motion: reduce)').matches) {
			workbench.stepBack = to;
			return;
		}
		const from = workbench.stepBack;
		const start = performance.now();
		const step = (now: number) => {
			const share = Math.min(1, (now - start) / (1000 * SECONDS));
			// Equal steps look equal when the size changes by equal ratios.
			workbench.stepBack = from * (to / from) ** share;
			if (share < 1) frame = requestAnimationFrame(step);
		};
		frame = requestAnimationFrame(step);
	}

	// Not onDestroy, which the server runs too, where there are no frames.
	onMount(() => () => cancelAnimationFrame(frame));
</script>

<button class="act" onclick={() => go(workbench.stepBack < 0.5 ? 1 : FAR)}>
	{workbench.stepBack < 0.5 ? 'Come near' : 'Step back'}
</button>
<label>
	<input
		type="range"
		min={FAR}
		max="1"
		step="0.01"
		value={1 + FAR - workbench.stepBack}
		aria-label="How far away"
		aria-valuetext="seen at {Math.round(workbench.stepBack * 100)} % of its size"
		oninput={(event) => {
			cancelAnimationFrame(frame);
			workbench.stepBack = 1 + FAR - Number(event.currentTarget.value);
		}}
	/>
	{Math.round(workbench.stepBack * 100)} %
</label>
