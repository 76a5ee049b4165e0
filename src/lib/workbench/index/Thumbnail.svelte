<script lang="ts">
	import { drawPlate } from '$lib/drawing/draw-plate';
	import { seenDrawing } from '$lib/drawing/view';
	import { type Plate } from '$lib/model/plate';
	import PlateDrawing from '$lib/ui/PlateDrawing.svelte';
	import { type Workbench } from '../study/workbench.svelte';
	import { inTurn } from '$lib/ui/in-turn';

	/** A plate in small. It follows a dial when it is its turn, so that no frame has to draw all plates. */
	let { workbench, plate }: { workbench: Workbench; plate: Plate } = $props();

	const now = $derived({ plate, linked: workbench.document.linked, view: workbench.view });
	// svelte-ignore state_referenced_locally
	let shown = $state.raw(now);

	$effect(() => {
		const latest = now;
		if (shown !== latest) inTurn(plate.id, () => (shown = latest));
	});
</script>

<PlateDrawing drawing={seenDrawing(shown.view, drawPlate(shown.plate, shown.linked, 'colours'))} />
