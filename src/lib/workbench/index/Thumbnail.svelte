<script lang="ts">
	import { drawPlate } from '$lib/drawing/draw-plate';
	import { seenDrawing } from '$lib/drawing/view';
	import { type Plate } from '$lib/model/plate';
	import DrawingCanvas from '$lib/ui/DrawingCanvas.svelte';
	import { type Workbench } from '../study/workbench.svelte';
	import { inTurn } from '$lib/ui/in-turn';

	/**
	 * A plate in small. The one that is open follows a dial at once, the others when it is their turn: no frame has to draw all
	 * plates. A scheme, which has the most to draw, always waits for its turn.
	 */
	let { workbench, plate }: { workbench: Workbench; plate: Plate } = $props();

	const now = $derived({ plate, linked: workbench.document.linked, view: workbench.view });
	// svelte-ignore state_referenced_locally
	let drawn = $state.raw(now);
	const shown = $derived(workbench.plate?.id === plate.id && plate.kind !== 'scheme' ? now : drawn);

	const drawing = $derived(seenDrawing(shown.view, drawPlate(shown.plate, shown.linked, 'colours')));

	$effect(() => {
		const latest = now;
		if (drawn !== latest) inTurn(plate.id, () => (drawn = latest));
	});
</script>

<DrawingCanvas {drawing} shapes={drawing.shapes} />
