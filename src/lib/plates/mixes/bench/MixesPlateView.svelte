<script lang="ts">
	import { colourWords } from '$lib/core/colour/hue-words';
	import { drawMixes } from '../draw-mixes';
	import { parentName } from '../mix-shapes';
	import { mixesOf } from '../mixes-of';
	import { mixPlaces, type MixPlace } from '../mixes-layout';
	import { PLATE_HEIGHT, PLATE_WIDTH } from '$lib/drawing/plate-size';
	import { seenDrawing } from '$lib/drawing/view';
	import { type MixesPlate } from '../schema';
	import { takesColour } from '$lib/ui/colour-drag';
	import PlateDrawing from '$lib/ui/PlateDrawing.svelte';
	import { putInHeld } from '$lib/workbench/palettes/put-colour';
	import { renamePlate } from '$lib/model/edit-plates';
	import ColourPlaces, { type HeldPlace } from '$lib/workbench/study/ColourPlaces.svelte';
	import TitleField from '$lib/workbench/study/TitleField.svelte';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { mixAt, type MixesPlace } from '../places';
	import { placeOn } from './held';
	import { stepBack } from './step-back.svelte';
	import PartSeams from './PartSeams.svelte';

	let { workbench, plate }: { workbench: Workbench; plate: MixesPlate } = $props();

	const linked = $derived(workbench.document.linked);
	const made = $derived(mixesOf(plate, linked));
	const drawing = $derived(drawMixes(plate, linked, true, { back: stepBack() }));
	const places = $derived(mixPlaces(plate).filter(({ what }) => what !== 'guess' || plate.guess !== null));
	const held = $derived(placeOn(workbench));

	const isHeld = ({ what, key }: MixPlace): boolean => held?.what === what && held.key === key;
	const heldBy = ({ what, key }: MixPlace): MixesPlace => ({ what, key });

	function saidOf({ what, key }: MixPlace): string {
		const index = Number(key);
		const named = (name: string, hex: string, linear: Parameters<typeof colourWords>[0]): string =>
			`${name}, ${colourWords(linear)}, ${hex}`;
		if (what === 'parent')
			return named(
				`Parent ${index + 1}, ${parentName(plate, index, linked)}`,
				made.parents[index]!.hex,
				made.parents[index]!.linear
			);
		if (what === 'crossing') {
			const { hex, linear } = made.crossings()[index]!;
			return named(`Crossing of figures ${index + 1} and ${index + 2}`, hex, linear);
		}
		if (what === 'guess') {
			const guess = made.middle().guess!;
			return named('Found by eye', guess.hex, guess.linear);
		}
		const mix = mixAt(plate, key, linked)!;
		return named(mix.name, mix.hex, mix.linear);
	}

	const shown = $derived(
		places.map((place): HeldPlace => ({
			key: `${place.what} ${place.key}`,
			box: place.box,
			said: saidOf(place),
			held: isHeld(place),
			marked: true
		}))
	);

	const takes = takesColour((text, on) => {
		const place = places[Number(on?.closest<HTMLElement>('[data-index]')?.dataset.index ?? NaN)];
		if (!place || place.what === 'mix') return;
		workbench.hold(heldBy(place));
		putInHeld(workbench, text);
	});
</script>

<div class="surface" {@attach takes}>
	<PlateDrawing drawing={seenDrawing(workbench.view, drawing)} />
	<div class="title">
		<TitleField
			title={plate.title}
			label="Title of the plate"
			onrename={(title) => workbench.edit('Rename the plate', renamePlate(plate.id, title))}
		/>
	</div>
	<ColourPlaces
		places={shown}
		width={PLATE_WIDTH}
		height={PLATE_HEIGHT}
		onhold={(index) => workbench.hold(heldBy(places[index]!))}
	/>
	{#if plate.exercise === 'ways' || plate.exercise === 'balance'}<PartSeams {workbench} {plate} />{/if}
</div>

<style>
	.surface {
		position: relative;
	}
	.title {
		position: absolute;
		top: 0;
		left: 0;
		width: 100%;
		height: 9.6%;
	}
</style>
