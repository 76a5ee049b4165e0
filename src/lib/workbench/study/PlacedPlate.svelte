<script lang="ts">
	import { type Snippet } from 'svelte';
	import { heightOver } from '$lib/drawing/caption';
	import { type Drawing } from '$lib/drawing/drawing';
	import { type TakenColour } from '$lib/model/colour-text';
	import { type PlateBase } from '$lib/model/plate-base';
	import { putInHeld } from '../palettes/put-colour';
	import ColourPlaces, { type HeldPlace } from './ColourPlaces.svelte';
	import { asSaid } from './drawn';
	import PlateSurface from './PlateSurface.svelte';
	import { type Workbench } from './workbench.svelte';

	interface Props {
		workbench: Workbench;
		plate: PlateBase;
		drawing: Drawing;
		/** What can be held, in the order of the arrow keys. */
		places: readonly HeldPlace[];
		onhold: (index: number) => void;
		/** Whether a place takes a colour that is dropped on it; each does unless said. */
		takes?: (index: number) => boolean;
		children?: Snippet;
	}

	/** A plate whose colours are held in boxes: clicked, gone through by keys, given a colour from a palette. */
	let { workbench, plate, drawing, places, onhold, takes = () => true, children }: Props = $props();

	const told = $derived(places.map((place) => ({ ...place, said: asSaid(workbench, place.said) })));

	function put(colour: TakenColour, on: Element | null) {
		const index = Number(on?.closest<HTMLElement>('[data-index]')?.dataset.index ?? NaN);
		if (!places[index] || !takes(index)) return;
		onhold(index);
		putInHeld(workbench, colour);
	}
</script>

<PlateSurface {workbench} {plate} {drawing} ondropped={put}>
	<ColourPlaces places={told} width={drawing.width} height={heightOver(drawing, plate.caption)} {onhold} />
	{@render children?.()}
</PlateSurface>
