<script lang="ts">
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { helpsOf } from './helps.svelte';

	/** A grey card over the plate with a hole that goes with the pointer, or by arrow keys: what is seen through it has no surroundings. */
	let { workbench }: { workbench: Workbench } = $props();

	const helps = $derived(helpsOf(workbench));
	let card = $state<HTMLElement>();

	function follow({ clientX, clientY }: PointerEvent) {
		const bounds = card?.getBoundingClientRect();
		if (!bounds) return;
		const [across, down] = [(clientX - bounds.left) / bounds.width, (clientY - bounds.top) / bounds.height];
		if (across >= 0 && across <= 1 && down >= 0 && down <= 1) helps.hole = { across, down };
	}

	const STEPS: Readonly<Record<string, readonly [number, number]>> = {
		ArrowLeft: [-1, 0],
		ArrowRight: [1, 0],
		ArrowUp: [0, -1],
		ArrowDown: [0, 1]
	};
	const within = (x: number): number => Math.max(0, Math.min(1, x));

	function goByKey(event: KeyboardEvent) {
		const step = STEPS[event.key];
		if (event.key === 'Escape') helps.card = false;
		if (!step) return;
		event.preventDefault();
		const by = event.shiftKey ? 0.05 : 0.01;
		helps.hole = { across: within(helps.hole.across + by * step[0]), down: within(helps.hole.down + by * step[1]) };
	}
</script>

<svelte:window onpointermove={follow} />

<div class="card" bind:this={card} style:--x="{100 * helps.hole.across}%" style:--y="{100 * helps.hole.down}%"></div>
<button
	style:left="{100 * helps.hole.across}%"
	style:top="{100 * helps.hole.down}%"
	aria-label="Hole of the card: arrow keys move it, Escape takes the card away"
	onkeydown={goByKey}
></button>

<style>
	.card {
		position: absolute;
		z-index: 4;
		inset: 0;
		background: #777;
		pointer-events: none;
		mask: radial-gradient(circle 17px at var(--x) var(--y), transparent 16.5px, #000 17px);
	}
	button {
		position: absolute;
		z-index: 5;
		width: 40px;
		height: 40px;
		translate: -50% -50%;
		border-radius: 50%;
		pointer-events: none;
	}
</style>
