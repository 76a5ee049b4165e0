<script lang="ts">
	import { drawPlate } from '$lib/plates/draw-plate';
	import { kindOf } from '$lib/plates/kinds';
	import { seenDrawing } from '$lib/drawing/view';
	import { type Plate } from '$lib/plates/plate';
	import DrawingCanvas from '$lib/ui/DrawingCanvas.svelte';
	import { type Workbench } from '../study/workbench.svelte';
	import { inTurn } from '$lib/ui/in-turn';

	/**
	 * A plate in small, drawn when it comes into sight. The one that is open follows a dial at once, the others when it is their
	 * turn: no frame has to draw all plates. A plate that is slow to draw always waits for its turn.
	 */
	let { workbench, plate }: { workbench: Workbench; plate: Plate } = $props();

	let inSight = $state(false);
	const now = $derived({ plate, linked: workbench.document.linked, view: workbench.view });
	let drawn = $state.raw<typeof now | null>(null);
	const shown = $derived(inSight && workbench.plate?.id === plate.id && !kindOf(plate).slow ? now : drawn);

	const drawing = $derived(shown && seenDrawing(shown.view, drawPlate(shown.plate, shown.linked, 'colours')));

	$effect(() => {
		const latest = now;
		if (inSight && drawn !== latest) inTurn(plate.id, () => (drawn = latest));
	});

	function watch(place: HTMLElement) {
		const observer = new IntersectionObserver(([entry]) => (inSight = entry?.isIntersecting ?? false), {
			rootMargin: '200px'
		});
		observer.observe(place);
		return () => observer.disconnect();
	}
</script>

<span {@attach watch}>
	{#if drawing}<DrawingCanvas {drawing} shapes={drawing.shapes} />{/if}
</span>

<style>
	/* Keeps the place of a sheet until it is drawn. */
	span {
		display: block;
	}
	span:empty {
		aspect-ratio: 792 / 560;
	}
</style>
