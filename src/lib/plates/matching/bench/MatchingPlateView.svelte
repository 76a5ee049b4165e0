<script lang="ts">
	import { colourWords } from '$lib/core/colour/hue-words';
	import { patchBy } from '$lib/drawing/patch';
	import { drawnFor } from '$lib/workbench/study/drawn';
	import PlacedPlate from '$lib/workbench/study/PlacedPlate.svelte';
	import { type HeldPlace } from '$lib/workbench/study/ColourPlaces.svelte';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { type BoxedPlace, type MatchingPlace } from '../exercise';
	import { matchedAt, matchingPlaces, placesOn } from '../places';
	import { type MatchingPlate } from '../schema';
	import { benchOfExercise } from './exercise-benches';
	import CardWithHole from './CardWithHole.svelte';
	import Compare from './Compare.svelte';
	import { helpsOf } from './helps.svelte';
	import PickRegion from './PickRegion.svelte';

	/** A subject and what is made of it, to be set; or true and attempt side by side. */
	let { workbench, plate }: { workbench: Workbench; plate: MatchingPlate } = $props();

	const helps = $derived(helpsOf(workbench));
	const linked = $derived(workbench.document.linked);
	const places = $derived(placesOn(plate, linked));
	const held = $derived(workbench.placeHeld as MatchingPlace | null);
	const found = $derived(matchedAt(plate, linked));
	const stage = $derived(found?.at.settings.stage ?? null);
	const Over = $derived(benchOfExercise(plate).over);
	const blurs = $derived(helps.blurred && workbench.byEye);

	/** Its name; and its colour too, where nothing is to be found out. */
	function saidOf(place: BoxedPlace): string {
		if (workbench.byEye) {
			const isSet = matchingPlaces.settable(plate, place, linked)?.note === 'your colour';
			return `${place.said}, ${isSet ? 'set' : 'still grey'}`;
		}
		const settable = matchingPlaces.settable(plate, place, linked);
		const text = settable ? null : matchingPlaces.following(plate, place, linked)?.text;
		const source = settable?.source ?? (text ? { text } : null);
		if (!source) return place.said;
		const { hex, linear } = patchBy(source, linked);
		return `${place.said}, ${stage === 'checked' ? 'yours ' : ''}${colourWords(linear)}, ${hex}`;
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

	function hold(at: number) {
		const { what, key } = places[at]!;
		workbench.hold({ what, key } satisfies MatchingPlace);
	}
</script>

<div class="seen" class:blurs>
	<PlacedPlate {workbench} {plate} drawing={drawnFor(workbench, plate)} places={shown} onhold={hold}>
		{#if found && stage === 'eye' && found.match.pick}<PickRegion {workbench} {plate} />{/if}
		{#if found && stage === 'checked'}<Compare {workbench} {plate} />{/if}
		{#if Over}<Over {workbench} {plate} />{/if}
		{#if helps.card && workbench.byEye}<CardWithHole {workbench} />{/if}
	</PlacedPlate>
</div>

<style>
	.seen {
		display: contents;
	}
	/* Only what is painted: words stay sharp. */
	.blurs :global(.surface canvas),
	.blurs :global(.surface svg rect) {
		filter: blur(10px);
	}
</style>
