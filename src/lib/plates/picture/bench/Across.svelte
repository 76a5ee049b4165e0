<script lang="ts">
	import { type Box } from '$lib/drawing/box';
	import { type Drawing } from '$lib/drawing/drawing';
	import { PLATE_HEIGHT, PLATE_WIDTH } from '$lib/drawing/plate-size';
	import { seenDrawing } from '$lib/drawing/view';
	import DrawingCanvas from '$lib/ui/DrawingCanvas.svelte';
	import { percentOf } from '$lib/ui/percent-of';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { seenIn } from '../draw-picture';
	import { type PicturePlate } from '../schema';
	import { comparingOf } from './comparing.svelte';

	/** A line to be moved across the picture: at its left the picture as it is, at its right the same in its few colours. */
	let { workbench, plate, box }: { workbench: Workbench; plate: PicturePlate; box: Box } = $props();

	const comparing = $derived(comparingOf(workbench));
	const of = (large: 'picture' | 'colours', whole: Drawing['shapes'] = []): Drawing => ({
		title: '',
		width: box.width,
		height: box.height,
		paper: '#c9c9c9',
		shapes: [
			...whole,
			{
				kind: 'image',
				x: 0,
				y: 0,
				width: box.width,
				height: box.height,
				id: plate.picture.id,
				seen: seenIn(plate, large)
			}
		]
	});
	const sides = $derived((['picture', 'colours'] as const).map((large) => seenDrawing(workbench.view, of(large))));
</script>

<div
	class="across"
	style:left={percentOf(box.x, PLATE_WIDTH)}
	style:top={percentOf(box.y, PLATE_HEIGHT)}
	style:width={percentOf(box.width, PLATE_WIDTH)}
	style:height={percentOf(box.height, PLATE_HEIGHT)}
	style:--share="{comparing.share}%"
>
	{#each sides as drawing, i (i)}
		<div class="side" class:right={i === 1}><DrawingCanvas {drawing} shapes={drawing.shapes} /></div>
	{/each}
	<i class="line"></i>
	<input
		type="range"
		min="0"
		max="100"
		bind:value={comparing.share}
		aria-label="The picture as it is, up to here; from here in its colours"
		aria-valuetext="{comparing.share} % as it is"
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
		left: calc(var(--share) - 1.5px);
		width: 3px;
		background: #fff;
		border-inline: 1px solid #1c1c1c;
	}
	input {
		position: absolute;
		z-index: 3;
		right: 8px;
		bottom: 6px;
		left: 8px;
		width: calc(100% - 16px);
		accent-color: #fff;
	}
</style>
