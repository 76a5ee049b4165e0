<script lang="ts">
	import { drawPlate } from '$lib/plates/draw-plate';
	import { seenDrawing, type View } from '$lib/drawing/view';
	import { type LinkedColour } from '$lib/model/linked';
	import DrawingCanvas from '$lib/ui/DrawingCanvas.svelte';
	import { inTurn } from '$lib/ui/in-turn';
	import { type Drawing } from '$lib/drawing/drawing';
	import { type Shown } from './course';

	/** An exercise in small, as it would be in this study; drawn when the browser has time. */
	let { shown, linked, view }: { shown: Shown; linked: readonly LinkedColour[]; view: View } = $props();

	let drawing = $state.raw<Drawing | null>(null);
	$effect(() => {
		const { id, plate } = shown;
		const [colours, seen] = [linked, view];
		inTurn(`offer ${id}`, () => (drawing = seenDrawing(seen, drawPlate(plate, colours, 'colours'))));
	});
</script>

<span>
	{#if drawing}<DrawingCanvas {drawing} shapes={drawing.shapes} />{/if}
</span>

<style>
	span {
		display: block;
		aspect-ratio: 792 / 560;
		overflow: hidden;
		background: #fff;
	}
</style>
