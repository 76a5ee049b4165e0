<script lang="ts">
	import { drawnFor } from '$lib/workbench/study/drawn';
	import { type PicturePlate } from '../schema';
	import PlateSurface from '$lib/workbench/study/PlateSurface.svelte';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { layOutPicture } from '../picture-layout';
	import { wordsOfText } from '../describe';
	import Across from './Across.svelte';
	import { heldOn } from './held-place';
	import LineEnds from './LineEnds.svelte';
	import Marks from './Marks.svelte';
	import { picturesOf } from './pixels-here.svelte';
	import { comparingOf } from './comparing.svelte';
	import { reckon } from './reckon';
	import Steps from './Steps.svelte';

	/** A picture on its board: its pixels to be clicked, its places and stops to be moved, and its gradation to be held. */
	let { workbench, plate }: { workbench: Workbench; plate: PicturePlate } = $props();

	const comparing = $derived(comparingOf(workbench));
	const drawing = $derived(drawnFor(workbench, plate));
	const layout = $derived(layOutPicture(plate));
	const pictures = $derived(picturesOf(workbench));
	const pixels = $derived(pictures.pixels(plate.picture.id));
	const missing = $derived(pictures.missing(plate.picture.id));

	$effect(() => pictures.open(plate.picture.id));
	// What a plate lacks is added where its pixels are: of a picture that was just brought all, after an edit what follows from it.
	$effect(() => {
		if (pixels && !workbench.isTried) void reckon(workbench, plate, pixels);
	});

	const held = $derived(heldOn(workbench));
	const heldWords = $derived.by((): string => {
		if (held?.kind === 'place') {
			const index = plate.places.findIndex(({ id }) => id === held.id);
			const place = plate.places[index];
			return place ? `place ${index + 1}, ${place.text}, ${wordsOfText(place.text)}` : '';
		}
		return held?.kind === 'pixel' ? `pixel ${held.x}, ${held.y}, ${held.text}, ${wordsOfText(held.text)}` : '';
	});
</script>

<PlateSurface {workbench} {plate} {drawing} {heldWords}>
	{#if comparing.on}
		<Across {workbench} {plate} box={layout.main} />
	{:else}
		<Marks {workbench} {plate} {pixels} box={layout.main} />
		{#if plate.along === 'line'}<LineEnds {workbench} {plate} {pixels} box={layout.main} />{/if}
	{/if}
	<Steps {workbench} {plate} />
	{#if missing}
		<p class="missing" role="status">{missing} Take another above, or bring it again.</p>
	{/if}
</PlateSurface>

<style>
	.missing {
		position: absolute;
		top: 14%;
		left: 6%;
		max-width: 60%;
		padding: 8px 12px;
		background: #fff;
		color: #1c1c1c;
	}
</style>
