<script lang="ts">
	import { linearToByte, LINEAR_OF_BYTE } from '$lib/core/colour/bytes';
	import { type Pixels, type Spot } from '$lib/core/picture/square';
	import { seenLinear } from '$lib/drawing/view';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';

	interface Props {
		workbench: Workbench;
		pixels: Pixels;
		spot: Spot;
		/** Pixels to a side of the square that is measured. */
		size: number;
	}

	/** The pixels about a place, each as a square of its own, with angles about those that are measured. */
	let { workbench, pixels, spot, size }: Props = $props();

	const SIDE = 124;
	/** So many pixels are seen to a side, an odd number: the square and what lies about it. */
	const shown = $derived(Math.max(13, 2 * Math.floor(size * 0.85) + 1));
	const back = $derived(Math.floor(shown / 2));

	let canvas = $state<HTMLCanvasElement>();
	$effect(() => {
		const context = canvas?.getContext('2d');
		if (!canvas || !context) return;
		const image = new ImageData(shown, shown);
		const { rgba, width, height } = pixels;
		for (let y = 0; y < shown; y++)
			for (let x = 0; x < shown; x++) {
				const [px, py] = [spot.x - back + x, spot.y - back + y];
				if (px < 0 || py < 0 || px >= width || py >= height) continue;
				const at = 4 * (py * width + px);
				const seen = seenLinear(workbench.view, [
					LINEAR_OF_BYTE[rgba[at]!]!,
					LINEAR_OF_BYTE[rgba[at + 1]!]!,
					LINEAR_OF_BYTE[rgba[at + 2]!]!
				]);
				const to = 4 * (y * shown + x);
				seen.forEach((each, c) => (image.data[to + c] = linearToByte(each)));
				image.data[to + 3] = rgba[at + 3]!;
			}
		canvas.width = shown;
		canvas.height = shown;
		context.putImageData(image, 0, 0);
	});

	const unit = $derived(SIDE / shown);
	const from = $derived((back - Math.floor((size - 1) / 2)) * unit);
	const side = $derived(size * unit);
</script>

<span class="glass" style:width="{SIDE}px" style:height="{SIDE}px">
	<canvas bind:this={canvas} aria-hidden="true"></canvas>
	<i style:left="{from - 3}px" style:top="{from - 3}px" style:width="{side + 6}px" style:height="{side + 6}px"></i>
</span>

<style>
	.glass {
		position: relative;
		flex: none;
		background: #777;
	}
	canvas {
		width: 100%;
		height: 100%;
		image-rendering: pixelated;
	}
	/* Four angles: a frame with most of each side left out. */
	i {
		position: absolute;
		border: 2px solid #fff;
		outline: 1px solid #1c1c1c;
		mask:
			linear-gradient(#000 0 0) 0 0 / 9px 9px no-repeat,
			linear-gradient(#000 0 0) 100% 0 / 9px 9px no-repeat,
			linear-gradient(#000 0 0) 0 100% / 9px 9px no-repeat,
			linear-gradient(#000 0 0) 100% 100% / 9px 9px no-repeat;
	}
</style>
