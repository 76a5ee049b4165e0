<script lang="ts">
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { type PicturePlate } from '../schema';
	import { heldOn, placeHeldOn } from './held-place';
	import Magnifier from './Magnifier.svelte';
	import { picturesOf } from './pixels-here.svelte';

	/** The place or the pixel that is held, seen large. */
	let { workbench, plate }: { workbench: Workbench; plate: PicturePlate } = $props();

	const pixels = $derived(picturesOf(workbench).pixels(plate.picture.id));
	const held = $derived(heldOn(workbench));
	const found = $derived(placeHeldOn(workbench, plate));
	const spot = $derived(found?.place ?? (held?.kind === 'pixel' ? held : null));
</script>

{#if spot && pixels}<Magnifier {workbench} {pixels} {spot} size={found ? plate.size : 1} />{/if}
