<script lang="ts">
	import { onMount } from 'svelte';
	import { type Drawing, type Shape } from '$lib/drawing/drawing';
	import { paintShapes } from '$lib/drawing/paint-shapes';
	import { bitmapOf } from './seen-pictures';

	/**
	 * Shapes of a drawing, painted: a thousand colours follow a dial in one pass, where a thousand elements would not. Words are
	 * left out.
	 */
	let { drawing, shapes }: { drawing: Drawing; shapes: readonly Shape[] } = $props();

	let canvas = $state<HTMLCanvasElement>();
	/** Width and height in pixels of the device, so that edges are sharp at any zoom. */
	let size = $state.raw({ width: 0, height: 0 });

	onMount(() => {
		const observer = new ResizeObserver(([entry]) => {
			if (!entry) return;
			// Not every browser knows the exact pixels.
			const exact = entry.devicePixelContentBoxSize?.[0];
			const { width, height } = entry.contentRect;
			size = exact
				? { width: exact.inlineSize, height: exact.blockSize }
				: { width: Math.round(width * devicePixelRatio), height: Math.round(height * devicePixelRatio) };
		});
		if (canvas)
			try {
				observer.observe(canvas, { box: 'device-pixel-content-box' });
			} catch {
				observer.observe(canvas);
			}
		return () => observer.disconnect();
	});

	$effect(() => {
		const context = canvas?.getContext('2d');
		const { width, height } = size;
		if (!canvas || !context || width === 0) return;
		if (canvas.width !== width) canvas.width = width;
		if (canvas.height !== height) canvas.height = height;
		context.fillStyle = drawing.paper;
		context.fillRect(0, 0, width, height);
		paintShapes(context, shapes, width / drawing.width, bitmapOf);
	});
</script>

<canvas bind:this={canvas} aria-hidden="true" style:aspect-ratio="{drawing.width} / {drawing.height}"></canvas>

<style>
	canvas {
		display: block;
		width: 100%;
	}
</style>
