<script lang="ts">
	import { untrack, type Snippet } from 'svelte';
	import { heightOver } from '$lib/drawing/caption';
	import { type Drawing } from '$lib/drawing/drawing';
	import { inksOn } from '$lib/drawing/inks';
	import { INK, SOFT } from '$lib/drawing/words';
	import { seenDrawing } from '$lib/drawing/view';
	import { describePlate } from '$lib/plates/draw-plate';
	import { renamePlate } from '$lib/model/edit-plates';
	import { type TakenColour } from '$lib/model/colour-text';
	import { type LinkedColour } from '$lib/model/linked';
	import { type PlateBase } from '$lib/model/plate-base';
	import { takesColour } from '$lib/ui/colour-drag';
	import { afterPause } from '$lib/ui/pause';
	import { percentOf } from '$lib/ui/percent-of';
	import PlateDrawing from '$lib/ui/PlateDrawing.svelte';
	import { deleteGathered } from './taken';
	import { gathers } from './gathered';
	import TitleField from './TitleField.svelte';
	import { type Workbench } from './workbench.svelte';

	interface Props {
		workbench: Workbench;
		plate: PlateBase;
		drawing: Drawing;
		/** Code and value of what is held, for screen readers: once, and not in the name of each of many buttons. */
		heldWords?: string;
		/** The surface itself, for whoever looks for something on it. */
		element?: HTMLElement | undefined;
		/** Takes a colour that is dropped from a palette, and what it was dropped on. */
		ondropped?: (colour: TakenColour, on: Element | null) => void;
		/** What can be taken hold of, over the drawing. */
		children?: Snippet;
	}

	/** A plate on its board: its drawing, its title to be changed, and what a kind lays over it. */
	let { workbench, plate, drawing, heldWords, element = $bindable(), ondropped, children }: Props = $props();

	/** Said anew when a gesture is over: nobody wants to hear it at each turn of a dial. */
	const said = (of: PlateBase, linked: readonly LinkedColour[]): string =>
		workbench.isHidden
			? `${of.title}: what tells its colours is put away until it is handed in.`
			: describePlate(of, linked);
	let description = $state(untrack(() => said(plate, workbench.document.linked)));
	const describe = afterPause<() => string>((say) => (description = say()));
	$effect(() => {
		const [latest, linked] = [plate, workbench.document.linked];
		describe(() => said(latest, linked));
	});

	/** How much of a plate its head takes, in plate units. */
	const HEAD = 54;
	/** What lies over the drawing is placed by what its kind has drawn: the caption comes under that. */
	const own = $derived(heightOver(drawing, plate.caption));
	const inks = $derived(inksOn(drawing.paper));
	/** A click on a part gathers it, by what keys are down; when what it holds is held. */
	function gathersParts(surface: HTMLElement) {
		let before: string | null = null;
		const listening = new AbortController();
		const note = () => (before = workbench.partHeld);
		const gather = (event: MouseEvent | KeyboardEvent) => {
			const id = workbench.partHeld;
			if (id !== null) workbench.gather('parts', id, event, before);
		};
		const byKey = (event: KeyboardEvent) => {
			if (event.key === 'Escape') return workbench.gatherNone();
			if (event.key === 'Enter' && gathers(event)) gather(event);
			else if (event.key !== 'Delete' || !deleteGathered(workbench, 'parts', workbench.partHeld)) return;
			event.preventDefault();
			event.stopPropagation();
		};
		const { signal } = listening;
		// Before the focus goes, and before a kind's own keys.
		surface.addEventListener('pointerdown', note, { signal, capture: true });
		surface.addEventListener('keydown', byKey, { signal, capture: true });
		surface.addEventListener('click', gather, { signal });
		return () => listening.abort();
	}
	const takes = takesColour((colour, on) => ondropped?.(colour, on));
</script>

<div
	class="surface"
	bind:this={element}
	style:--ink={inks[INK]}
	style:--soft={inks[SOFT]}
	style:--paper={drawing.paper}
	{@attach ondropped && takes}
	{@attach gathersParts}
>
	{#if heldWords !== undefined && !workbench.isHidden}<p class="unseen" aria-live="polite">{heldWords}</p>{/if}
	<h1 class="unseen">{plate.title}</h1>
	<p class="unseen" data-description aria-live="polite">{description}</p>
	<PlateDrawing drawing={seenDrawing(workbench.view, drawing)} />
	<div class="lay" style:height={percentOf(own, drawing.height)}>
		<div class="title" style:height={percentOf(HEAD, own)}>
			<TitleField
				title={plate.title}
				label="Title of the plate"
				onrename={(title) => workbench.edit('Rename the plate', renamePlate(plate.id, title))}
			/>
		</div>
		{@render children?.()}
	</div>
</div>

<style>
	.surface {
		position: relative;
	}
	.lay {
		position: absolute;
		inset: 0 0 auto;
	}
	.title {
		position: absolute;
		top: 0;
		left: 0;
		width: 100%;
	}
</style>
