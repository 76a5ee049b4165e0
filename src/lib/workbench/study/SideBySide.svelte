<script lang="ts">
	import { tick } from 'svelte';
	import { benchOf } from '$lib/plates/benches.svelte';
	import { drawPlate } from '$lib/plates/draw-plate';
	import { captionHeight } from '$lib/drawing/caption';
	import { PLATE_HEIGHT } from '$lib/drawing/plate-size';
	import { PLAIN_VIEW, seenDrawing, VIEW_WORDS, VIEWS, type View } from '$lib/drawing/view';
	import { type Plate } from '$lib/plates/plate';
	import { corresponding } from '$lib/study/corresponding';
	import PlateDrawing from '$lib/ui/PlateDrawing.svelte';
	import SelectField from '$lib/ui/SelectField.svelte';
	import { openPlate } from '../index/plate-actions';
	import Differences from './Differences.svelte';
	import { type Workbench } from './workbench.svelte';

	/** Two plates at one scale, each in its own view. The one that is open is changed; a click on a colour of the other opens that one and holds it. */
	let { workbench, plates }: { workbench: Workbench; plates: readonly [Plate, Plate] } = $props();

	const SIDES = ['Left', 'Right'] as const;
	const linked = $derived(workbench.document.linked);
	const open = $derived(plates.findIndex(({ id }) => id === workbench.plate?.id));
	/** The view of the one that is not open; the open one is seen as the study is. */
	let otherView = $state.raw<View>(PLAIN_VIEW);
	const viewOf = (side: number): View => (side === open ? workbench.view : otherView);
	const tall = $derived(PLATE_HEIGHT + Math.max(...plates.map(({ caption }) => captionHeight(caption))));

	function setView(side: number, kind: View['kind']) {
		if (side === open) workbench.view = { ...workbench.view, kind };
		else otherView = { ...otherView, kind };
	}

	/** Opens the other one, each keeping its view, and lets the click fall on what stands there now. */
	async function go(event: MouseEvent, side: number) {
		const views = [otherView, workbench.view] as const;
		openPlate(workbench, plates[side]!.id);
		[workbench.view, otherView] = views;
		await tick();
		const under = document.elementFromPoint(event.clientX, event.clientY);
		if (event.detail > 0 && under instanceof HTMLElement) under.click();
	}
</script>

<div class="pair" style:--tall={tall}>
	{#each plates as plate, side (plate.id)}
		{@const bench = benchOf(plate)}
		<section aria-label="{SIDES[side]} plate: {plate.title}">
			<header>
				<b>{SIDES[side]}{side === open ? ', being changed' : ''}</b>
				<SelectField
					label="View of the {SIDES[side]!.toLowerCase()} plate"
					choices={VIEWS}
					words={VIEW_WORDS}
					value={viewOf(side).kind}
					onchoose={(kind) => setView(side, kind)}
				/>
			</header>
			<div class="plate" class:open={side === open}>
				{#if side === open && bench}
					<bench.view {workbench} {plate} />
				{:else}
					<PlateDrawing drawing={seenDrawing(viewOf(side), drawPlate(plate, linked, 'full'))} />
					<button onclick={(event) => void go(event, side)} aria-label="Change the {SIDES[side]!.toLowerCase()} plate"
					></button>
				{/if}
			</div>
		</section>
	{/each}
</div>
<Differences rows={corresponding(plates[0], plates[1], linked)} views={[viewOf(0), viewOf(1)]} />

<style>
	.pair {
		display: grid;
		flex: 1;
		grid-template-columns: 1fr 1fr;
		gap: 14px;
		align-content: start;
		min-height: 0;
		padding: 8px 16px;
		overflow: auto;
		container-type: size;
	}
	section {
		min-width: 0;
	}
	header {
		display: flex;
		align-items: center;
		justify-content: space-between;
		min-height: 30px;
		padding-bottom: 4px;
		font-size: 12px;
		color: var(--on-board);
	}
	header :global(.choice) {
		width: 176px;
	}
	.plate {
		position: relative;
		width: min(100%, (100cqh - 46px) * 792 / var(--tall));
		outline: 1px solid #00000030;
	}
	.plate.open {
		outline: 2px solid var(--on-board);
		outline-offset: 2px;
	}
	button {
		position: absolute;
		inset: 0;
		cursor: pointer;
	}
	button:focus-visible {
		outline: 2px dashed var(--on-board);
		outline-offset: 3px;
		box-shadow: none;
	}
	@media (max-width: 800px) {
		.pair {
			grid-template-columns: 1fr;
			container-type: normal;
		}
		.plate {
			width: 100%;
		}
	}
</style>
