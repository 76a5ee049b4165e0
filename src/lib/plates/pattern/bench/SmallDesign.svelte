<script lang="ts">
	import { type Drawing } from '$lib/drawing/drawing';
	import { seenDrawing } from '$lib/drawing/view';
	import DrawingCanvas from '$lib/ui/DrawingCanvas.svelte';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';

	/** A design as a small picture. */
	let { workbench, drawing }: { workbench: Workbench; drawing: Drawing } = $props();
	const seen = $derived(seenDrawing(workbench.view, drawing));
</script>

<DrawingCanvas drawing={seen} shapes={seen.shapes} />
