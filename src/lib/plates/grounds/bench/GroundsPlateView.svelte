<script lang="ts">
	import { colourWords } from '$lib/core/colour/hue-words';
	import { drawnFor } from '$lib/workbench/study/drawn';
	import PlacedPlate from '$lib/workbench/study/PlacedPlate.svelte';
	import { type HeldPlace } from '$lib/workbench/study/ColourPlaces.svelte';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { type GroundPlace } from '../exercise';
	import { groundsPlaces, placesOn, type GroundsPlace } from '../places';
	import { type GroundsPlate } from '../schema';
	import { patchBy } from '$lib/drawing/patch';
	import { benchOfExercise } from './exercise-benches';

	let { workbench, plate }: { workbench: Workbench; plate: GroundsPlate } = $props();

	const linked = $derived(workbench.document.linked);
	const places = $derived(placesOn(plate));
	const held = $derived(workbench.placeHeld as GroundsPlace | null);
	const Over = $derived(benchOfExercise(plate).over);

	function saidOf(place: GroundPlace): string {
		const { hex, linear } = patchBy(groundsPlaces.settable(plate, place, linked)!.source, linked);
		return `${place.said}, ${colourWords(linear)}, ${hex}`;
	}

	const shown = $derived(
		places.map((place, at): HeldPlace => ({
			key: `${place.what} ${at}`,
			box: place.box,
			said: saidOf(place),
			held: held?.what === place.what && held.index === place.index,
			// What lies beside a figure changes how it looks, so only grounds are marked.
			marked: place.what === 'ground'
		}))
	);

	function hold(at: number) {
		const { what, index } = places[at]!;
		workbench.hold({ what, index } satisfies GroundsPlace);
	}
</script>

<PlacedPlate {workbench} {plate} drawing={drawnFor(workbench, plate)} places={shown} onhold={hold}>
	{#if Over}<Over {workbench} {plate} />{/if}
</PlacedPlate>
