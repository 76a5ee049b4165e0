<script lang="ts">
	import { colourWords } from '$lib/core/colour/hue-words';
	import { drawPlate } from '$lib/drawing/draw-plate';
	import { groundsOf } from '$lib/drawing/grounds/grounds-of';
	import { groundPlaces, GROUNDS_HEIGHT, GROUNDS_WIDTH, type GroundPlace } from '$lib/drawing/grounds/grounds-layout';
	import { seenDrawing } from '$lib/drawing/view';
	import { type GroundsPlate } from '$lib/model/grounds-plate';
	import { takesColour } from '$lib/ui/colour-drag';
	import PlateDrawing from '$lib/ui/PlateDrawing.svelte';
	import { putInHeld } from '../palettes/put-colour';
	import { renamePlate } from '../study/edits';
	import TitleField from '../study/TitleField.svelte';
	import { type Workbench } from '../study/workbench.svelte';

	let { workbench, plate }: { workbench: Workbench; plate: GroundsPlate } = $props();

	const linked = $derived(workbench.document.linked);
	const drawing = $derived(drawPlate(plate, linked, 'full'));
	const made = $derived(groundsOf(plate, linked));
	const places = $derived(groundPlaces(plate));
	const held = $derived(workbench.held?.kind === 'ground' ? workbench.held : null);

	const across = (x: number): string => `${(100 * x) / GROUNDS_WIDTH}%`;
	const down = (y: number): string => `${(100 * y) / GROUNDS_HEIGHT}%`;
	const isHeld = ({ what, index }: GroundPlace): boolean => held?.what === what && held.index === index;
	const hold = ({ what, index }: GroundPlace) => workbench.hold({ kind: 'ground', what, index });

	function saidOf({ what, index }: GroundPlace, at: number): string {
		const seen = made.pair[plate.exercise === 'rows' ? 0 : ((at % 2) as 0 | 1)];
		const { hex, linear } = what === 'ground' ? made.pair[index].ground : seen.figure;
		const number = at % 2 === 0 ? 'First' : 'Second';
		return `${plate.exercise === 'rows' ? 'Figure' : `${number} ${what}`}, ${colourWords(linear)}, ${hex}`;
	}

	let surface = $state<HTMLElement>();

	function goByKey(event: KeyboardEvent, index: number) {
		const by = { ArrowLeft: -1, ArrowUp: -1, ArrowRight: 1, ArrowDown: 1 }[event.key];
		if (event.key === 'Enter') document.querySelector<HTMLElement>('.mixer input[type=range]')?.focus();
		else if (by !== undefined)
			surface?.querySelectorAll<HTMLElement>('.place')[(index + by + places.length) % places.length]?.focus();
		else return;
		event.preventDefault();
	}

	const takes = takesColour((text, on) => {
		const place = places[Number(on?.closest<HTMLElement>('[data-index]')?.dataset.index ?? NaN)];
		if (!place) return;
		hold(place);
		putInHeld(workbench, text);
	});
</script>

<div class="surface" bind:this={surface} {@attach takes}>
	<PlateDrawing drawing={seenDrawing(workbench.view, drawing)} />
	<div class="title">
		<TitleField
			title={plate.title}
			label="Title of the plate"
			onrename={(title) => workbench.edit('Rename the plate', renamePlate(plate.id, title))}
		/>
	</div>
	<div role="group" aria-label="Colours of the plate">
		{#each places as place, at (at)}
			<button
				class="place"
				class:held={isHeld(place)}
				class:ground={place.what === 'ground'}
				data-index={at}
				aria-pressed={isHeld(place)}
				aria-label={saidOf(place, at)}
				tabindex={isHeld(place) || (!held && at === 0) ? 0 : -1}
				style:left={across(place.box.x)}
				style:top={down(place.box.y)}
				style:width={across(place.box.width)}
				style:height={down(place.box.height)}
				onclick={() => hold(place)}
				onfocus={() => hold(place)}
				onkeydown={(event) => goByKey(event, at)}
			></button>
		{/each}
	</div>
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
	.place {
		position: absolute;
		padding: 0;
		cursor: pointer;
	}
	/* Corners outside the ground, and nothing at all at a figure: what lies beside a figure changes it. */
	.place.ground.held::before {
		content: '';
		position: absolute;
		inset: auto 0 calc(100% + 2px);
		height: 3px;
		background: var(--ink);
	}
	.place:focus-visible {
		z-index: 1;
		outline: 2px dashed var(--ink);
		outline-offset: 3px;
	}
	.none {
		position: absolute;
		top: 40%;
		left: 10%;
	}
</style>
