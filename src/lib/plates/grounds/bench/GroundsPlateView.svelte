<script lang="ts">
	import { colourWords } from '$lib/core/colour/hue-words';
	import { drawPlate } from '$lib/plates/draw-plate';
	import { groundsOf } from '../grounds-of';
	import { groundPlaces, type GroundPlace } from '../grounds-layout';
	import { PLATE_HEIGHT, PLATE_WIDTH } from '$lib/drawing/plate-size';
	import { seenDrawing } from '$lib/drawing/view';
	import { type GroundsPlace } from '../places';
	import { type GroundsPlate } from '../schema';
	import { takesColour } from '$lib/ui/colour-drag';
	import PlateDrawing from '$lib/ui/PlateDrawing.svelte';
	import { putInHeld } from '$lib/workbench/palettes/put-colour';
	import { renamePlate } from '$lib/model/edit-plates';
	import ColourPlaces, { type HeldPlace } from '$lib/workbench/study/ColourPlaces.svelte';
	import TitleField from '$lib/workbench/study/TitleField.svelte';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';

	let { workbench, plate }: { workbench: Workbench; plate: GroundsPlate } = $props();

	const linked = $derived(workbench.document.linked);
	const drawing = $derived(drawPlate(plate, linked, 'full'));
	const made = $derived(groundsOf(plate, linked));
	const places = $derived(groundPlaces(plate));
	const held = $derived(workbench.placeHeld as GroundsPlace | null);

	const isHeld = ({ what, index }: GroundPlace): boolean => held?.what === what && held.index === index;
	const hold = ({ what, index }: GroundPlace) => workbench.hold({ what, index } satisfies GroundsPlace);

	function saidOf({ what, index }: GroundPlace, at: number): string {
		if (what === 'twin') {
			const { hex, linear } = made.contrast!.now!.twin;
			return `Twin, ${colourWords(linear)}, ${hex}`;
		}
		const seen = made.pair[plate.exercise === 'rows' ? 0 : ((at % 2) as 0 | 1)];
		const { hex, linear } = what === 'ground' ? made.pair[index].ground : seen.figure;
		const number = at % 2 === 0 ? 'First' : 'Second';
		return `${plate.exercise === 'rows' ? 'Figure' : `${number} ${what}`}, ${colourWords(linear)}, ${hex}`;
	}

	const shown = $derived(
		places.map((place, at): HeldPlace => ({
			key: `${place.what} ${at}`,
			box: place.box,
			said: saidOf(place, at),
			held: isHeld(place),
			// What lies beside a figure changes how it looks, so only grounds are marked.
			marked: place.what === 'ground'
		}))
	);

	const takes = takesColour((text, on) => {
		const place = places[Number(on?.closest<HTMLElement>('[data-index]')?.dataset.index ?? NaN)];
		if (!place) return;
		hold(place);
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
	<ColourPlaces places={shown} width={PLATE_WIDTH} height={PLATE_HEIGHT} onhold={(index) => hold(places[index]!)} />
	{#if plate.exercise === 'rows' && made.row.length === 0}
		<p class="none">Choose a palette beside the plate: “Lay the figure over its colours”.</p>
	{/if}
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
	.none {
		position: absolute;
		top: 40%;
		left: 10%;
	}
</style>
