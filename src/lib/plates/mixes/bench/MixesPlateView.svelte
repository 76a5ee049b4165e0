<script lang="ts">
	import { colourWords } from '$lib/core/colour/hue-words';
	import { drawPlate } from '$lib/plates/draw-plate';
	import { asTold } from '$lib/workbench/study/drawn';
	import { type HeldPlace } from '$lib/workbench/study/ColourPlaces.svelte';
	import PlacedPlate from '$lib/workbench/study/PlacedPlate.svelte';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { mixExercises } from '../exercises';
	import { placesOn, seenAt, type MixesPlace } from '../places';
	import { type MixesPlate } from '../schema';
	import { benchOfExercise } from './exercise-benches';
	import { placeOn } from './held';
	import PartSeams from './PartSeams.svelte';

	let { workbench, plate }: { workbench: Workbench; plate: MixesPlate } = $props();

	const linked = $derived(workbench.document.linked);
	const bench = $derived(benchOfExercise(plate));
	const Over = $derived(bench.over);
	const drawing = $derived(asTold(workbench, bench.drawing?.(workbench, plate) ?? drawPlate(plate, linked, 'full')));
	const places = $derived(placesOn(plate));
	const held = $derived(placeOn(workbench));

	function saidOf(place: MixesPlace): string {
		const { name, hex, linear } = seenAt(plate, place, linked)!;
		return `${name}, ${colourWords(linear)}, ${hex}`;
	}

	const shown = $derived(
		places.map((place): HeldPlace => ({
			key: `${place.what} ${place.key}`,
			box: place.box,
			said: saidOf(place),
			held: held?.what === place.what && held.key === place.key,
			marked: true
		}))
	);

	function hold(index: number) {
		const { what, key } = places[index]!;
		workbench.hold({ what, key } satisfies MixesPlace);
	}
</script>

<PlacedPlate
	{workbench}
	{plate}
	{drawing}
	places={shown}
	onhold={hold}
	takes={(index) => places[index]!.what !== 'mix'}
>
	{#if mixExercises.of(plate).parts}<PartSeams {workbench} {plate} />{/if}
	{#if Over}<Over {workbench} {plate} />{/if}
</PlacedPlate>
