<script lang="ts">
	import { type Drawing } from '$lib/drawing/drawing';
	import DrawingCanvas from './DrawingCanvas.svelte';
	import { isPainted, svgShapes } from './svg-shapes';

	/** A drawing on screen, in a place that is positioned: the same shapes that the files are made of. What is on it is said in words elsewhere. */
	let { drawing }: { drawing: Drawing } = $props();

	/** Many colours as one shape and pictures are painted, and lie under all else. */
	const many = $derived(drawing.shapes.filter(isPainted));

	function shapes(svg: SVGSVGElement) {
		const show = svgShapes(svg);
		$effect(() => show(drawing));
	}
</script>

{#if many.length > 0}
	<div class="under"><DrawingCanvas {drawing} shapes={many} /></div>
{/if}
<svg
	viewBox="0 0 {drawing.width} {drawing.height}"
	shape-rendering="crispEdges"
	aria-hidden="true"
	style:background={many.length > 0 ? 'none' : drawing.paper}
	{@attach shapes}
></svg>

<style>
	svg {
		display: block;
		width: 100%;
		height: auto;
		/* Over what is painted. */
		position: relative;
	}
	.under {
		position: absolute;
		inset: 0;
	}
</style>
