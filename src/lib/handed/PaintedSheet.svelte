<script lang="ts">
	import { type View } from '$lib/drawing/view-kinds';
	import { type Wall } from '$lib/client/wall';

	interface Props {
		wall: Wall;
		/** Of the hand-in. */
		id: string;
		/** Which of its plates, from 0; null for all. */
		plate: number | null;
		view: View;
	}

	/** A sheet of the wall, painted apart from the page when it comes near the window. What was painted before stays until then. */
	let { wall, id, plate, view }: Props = $props();

	let canvas = $state<HTMLCanvasElement>();
	let near = $state(false);
	/** In pixels of the device. */
	let size = $state.raw({ width: 0, height: 0 });
	const wanted = $derived(near && size.width > 0 && size.height > 0 ? { id, plate, view, ...size } : null);
	let busy = false;
	/** What is painted now; what comes near again is not painted again. */
	let painted = '';

	/** One at a time: of what was asked for meanwhile only the latest is painted. */
	async function paint() {
		if (busy) return;
		busy = true;
		while (wanted && painted !== JSON.stringify(wanted)) {
			painted = JSON.stringify(wanted);
			const bitmap = await wall.paint(wanted).catch(() => null);
			if (bitmap && canvas) show(canvas, bitmap);
			else bitmap?.close();
		}
		busy = false;
	}

	function show(on: HTMLCanvasElement, bitmap: ImageBitmap) {
		on.width = bitmap.width;
		on.height = bitmap.height;
		on.getContext('bitmaprenderer')!.transferFromImageBitmap(bitmap);
	}

	$effect(() => {
		if (wanted) void paint();
	});

	/** So far outside the window it is painted already. */
	const BEFORE = '240px';

	function watch(element: HTMLCanvasElement) {
		canvas = element;
		const nearness = new IntersectionObserver(([entry]) => (near = entry?.isIntersecting ?? false), {
			rootMargin: BEFORE
		});
		const sizes = new ResizeObserver(([entry]) => {
			const { width, height } = entry!.contentRect;
			size = { width: Math.round(width * devicePixelRatio), height: Math.round(height * devicePixelRatio) };
		});
		nearness.observe(element);
		sizes.observe(element);
		return () => {
			nearness.disconnect();
			sizes.disconnect();
			canvas = undefined;
		};
	}
</script>

<canvas aria-hidden="true" {@attach watch}></canvas>

<style>
	canvas {
		display: block;
		position: absolute;
		inset: 0;
		width: 100%;
		height: 100%;
	}
</style>
