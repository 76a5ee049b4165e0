<script lang="ts">
	import { onMount } from 'svelte';
	import { type Drawing, type Shape } from '$lib/drawing/drawing';

	type Row = Extract<Shape, { kind: 'row' }>;

	/**
	 * The rows of a drawing, which are many colours as one shape, painted over it: a thousand colours follow a dial in one pass,
	 * where a thousand elements would not. Lies over the drawing, in a place that is positioned.
	 */
	let { drawing, rows }: { drawing: Drawing; rows: readonly Row[] } = $props();

	let canvas = $state<HTMLCanvasElement>();
	/** Size in pixels of the device. */
	let size = $state.raw({ width: 0, height: 0 });

	onMount(() => {
		const observer = new ResizeObserver(([entry]) => {
			if (!entry) return;
			const { width, height } = entry.contentRect;
			size = { width: Math.round(width * devicePixelRatio), height: Math.round(height * devicePixelRatio) };
		});
		if (canvas) observer.observe(canvas);
		return () => observer.disconnect();
	});

	$effect(() => {
		const context = canvas?.getContext('2d');
		if (!canvas || !context || size.width === 0) return;
		if (canvas.width !== size.width) canvas.width = size.width;
		if (canvas.height !== size.height) canvas.height = size.height;
		const scale = size.width / drawing.width;
		for (const { x, y, width, height, fills } of rows) {
			// Edges fall on pixels of the device, so that colours touch without a seam.
			const [top, bottom] = [Math.round(y * scale), Math.round((y + height) * scale)];
			const edge = (i: number): number => Math.round((x + (width * i) / fills.length) * scale);
			for (let i = 0; i < fills.length; i++) {
				context.fillStyle = fills[i]!;
				context.fillRect(edge(i), top, edge(i + 1) - edge(i), bottom - top);
			}
		}
	});
</script>

{#key rows.map(({ x, y, width, height }) => `${x} ${y} ${width} ${height}`).join(' ')}
	<canvas bind:this={canvas} aria-hidden="true"></canvas>
{/key}

<style>
	canvas {
		position: absolute;
		inset: 0;
		width: 100%;
		height: 100%;
		pointer-events: none;
	}
</style>
