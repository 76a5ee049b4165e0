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

	/** One line of pixels for each row, stretched to its height when painted: far quicker than a thousand rectangles. */
	let lines: HTMLCanvasElement | null = null;

	function paintLines(widths: readonly number[], edgesOf: (row: number) => Uint16Array): HTMLCanvasElement {
		lines ??= document.createElement('canvas');
		lines.width = Math.max(...widths);
		lines.height = rows.length;
		const image = new ImageData(lines.width, lines.height);
		const pixels = new DataView(image.data.buffer);
		rows.forEach(({ fills }, row) => {
			const edges = edgesOf(row);
			const start = row * lines!.width;
			for (let i = 0; i < fills.length; i++) {
				const colour = ((parseInt(fills[i]!.slice(1), 16) << 8) | 0xff) >>> 0;
				for (let x = edges[i]!; x < edges[i + 1]!; x++) pixels.setUint32(4 * (start + x), colour);
			}
		});
		lines.getContext('2d')!.putImageData(image, 0, 0);
		return lines;
	}

	$effect(() => {
		const context = canvas?.getContext('2d');
		const { width: across, height: down } = size;
		if (!canvas || !context || across === 0) return;
		if (canvas.width !== across) canvas.width = across;
		if (canvas.height !== down) canvas.height = down;
		const scale = across / drawing.width;
		// Edges fall on pixels of the device, so that colours touch without a seam.
		const left = rows.map(({ x }) => Math.round(x * scale));
		const widths = rows.map(({ x, width }, i) => Math.round((x + width) * scale) - left[i]!);
		const source = paintLines(widths, (row) => {
			const { x, width, fills } = rows[row]!;
			return Uint16Array.from(
				{ length: fills.length + 1 },
				(_, i) => Math.round((x + (width * i) / fills.length) * scale) - left[row]!
			);
		});
		context.imageSmoothingEnabled = false;
		rows.forEach(({ y, height }, i) => {
			const top = Math.round(y * scale);
			const high = Math.round((y + height) * scale) - top;
			context.drawImage(source, 0, i, widths[i]!, 1, left[i]!, top, widths[i]!, high);
		});
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
