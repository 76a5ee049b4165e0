<script lang="ts">
	import { drawPlate } from '$lib/drawing/draw-plate';
	import { seenDrawing } from '$lib/drawing/view';
	import { type Plate } from '$lib/model/plate';
	import PlateDrawing from '$lib/ui/PlateDrawing.svelte';
	import { type Workbench } from '../study/workbench.svelte';
	import { inTurn } from '$lib/ui/in-turn';

	/** A plate in small. The one that is open follows a dial at once, the others when it is their turn: no frame has to draw all plates. */
	let { workbench, plate }: { workbench: Workbench; plate: Plate } = $props();

	const now = $derived({ plate, linked: workbench.document.linked, view: workbench.view });
	// svelte-ignore state_referenced_locally
	let drawn = $state.raw(now);
	const shown = $derived(workbench.plate?.id === plate.id ? now : drawn);

	$effect(() => {
		const latest = now;
		if (drawn !== latest) inTurn(plate.id, () => (drawn = latest));
	});
</script>

<PlateDrawing drawing={seenDrawing(shown.view, drawPlate(shown.plate, shown.linked, 'colours'))} />
