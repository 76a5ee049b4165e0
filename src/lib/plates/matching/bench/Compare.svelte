<script lang="ts">
	import { type Drawing, type Shape } from '$lib/drawing/drawing';
	import { PLATE_HEIGHT, PLATE_WIDTH } from '$lib/drawing/plate-size';
	import { seenDrawing } from '$lib/drawing/view';
	import DrawingCanvas from '$lib/ui/DrawingCanvas.svelte';
	import { percentOf } from '$lib/ui/percent-of';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { judgedNow } from '../by-eye';
	import { smallBoxes } from '../draw-check';
	import { UNSET } from '../match-state';
	import { matchedAt } from '../places';
	import { type MatchingPlate } from '../schema';

	/** A line to be moved across the subject: at its left the subject, at its right the attempt. */
	let { workbench, plate }: { workbench: Workbench; plate: MatchingPlate } = $props();

	let share = $state(100);
	const found = $derived(matchedAt(plate, workbench.document.linked));
	const box = $derived(smallBoxes(found?.match.layout ?? 'pair', found?.match.count ?? 1).subject);
	const here = $derived({ x: 0, y: 0, width: box.width, height: box.height });

	const drawn = (shapes: readonly Shape[]): Drawing =>
		seenDrawing(workbench.view, { title: '', width: box.width, height: box.height, paper: '#8a8a8a', shapes });
	const sides = $derived.by((): Drawing[] => {
		if (!found) return [];
		const { match, at } = found;
		const all = judgedNow(match, at);
		const fills = match.regions(at).map((_, i) => all.find(({ index }) => index === i)?.yours.hex ?? UNSET);
		return [drawn(match.subject(at, here)), drawn(match.drawn(at, here, fills))];
	});
</script>

<div
	class="across"
	style:left={percentOf(box.x, PLATE_WIDTH)}
	style:top={percentOf(box.y, PLATE_HEIGHT)}
	style:width={percentOf(box.width, PLATE_WIDTH)}
	style:height={percentOf(box.height, PLATE_HEIGHT)}
	style:--share="{share}%"
>
	{#if share < 100}
		{#each sides as drawing, i (i)}
			<div class="side" class:right={i === 1}><DrawingCanvas {drawing} shapes={drawing.shapes} /></div>
		{/each}
		<i class="line"></i>
	{/if}
	<input
		type="range"
		min="0"
		max="100"
		bind:value={share}
		aria-label="The subject up to here; from here on the attempt"
		aria-valuetext="{share} % subject"
	/>
</div>

<style>
	.across {
		position: absolute;
		overflow: hidden;
	}
	.side {
		position: absolute;
		inset: 0;
		clip-path: inset(0 calc(100% - var(--share)) 0 0);
	}
	.side.right {
		clip-path: inset(0 0 0 var(--share));
	}
	.line {
		position: absolute;
		top: 0;
		bottom: 0;
		left: calc(var(--share) - 1px);
		width: 2px;
		background: #fff;
		border-inline: 1px solid #1c1c1c;
	}
	input {
		position: absolute;
		z-index: 3;
		right: 4px;
		bottom: 4px;
		left: 4px;
		width: calc(100% - 8px);
		min-height: 24px;
		accent-color: #fff;
	}
</style>
