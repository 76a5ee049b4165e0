<script lang="ts">
	import { percentOf } from '$lib/ui/percent-of';
	import { type Scale } from '$lib/core/scale/scale';
	import { calledBy } from '$lib/model/resolve';
	import { type RowPlace } from '../layout';
	import { PLATE_WIDTH } from '$lib/drawing/plate-size';
	import { type ScalesPlate } from '../schema';
	import { MOST_PARENTS, type ScaleDecision } from '../scale';
	import { chooseScale, placeOn, scaleOn } from './chosen-scale';
	import { putParent } from './put-parent';
	import { placesOf, removeParent, setPlace } from '../scale-edits';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';

	interface Props {
		workbench: Workbench;
		plate: ScalesPlate;
		decision: ScaleDecision;
		place: RowPlace;
		scale: Scale;
		height: number;
	}

	/**
	 * The parents of a path, at their places over its steps, to be dragged or moved with arrow keys; and the seams between
	 * steps, where a further parent can be put. Only forms that run in a row have them.
	 */
	let { workbench, plate, decision, place, scale, height }: Props = $props();

	const inRow = $derived(!place.column && decision.look?.form !== 'ring');
	const turned = $derived(decision.look?.turned ?? false);
	const places = $derived(placesOf(decision));
	/** The middle of each step across the plate, and its share of the way: between two of them the way runs straight. */
	const middles = $derived(place.steps.map(({ box }) => box.x + box.width / 2));
	const shares = $derived(scale.steps.map(({ share }) => share));
	const SNAP = 0.012;

	/** Reads a number off one row of numbers by its place in another, both rising or falling all the way. */
	function between(value: number, from: readonly number[], to: readonly number[]): number {
		const rising = from[0]! < from.at(-1)!;
		let i = 0;
		while (i < from.length - 2 && (rising ? value > from[i + 1]! : value < from[i + 1]!)) i++;
		const width = from[i + 1]! - from[i]!;
		return to[i]! + (to[i + 1]! - to[i]!) * (width === 0 ? 0 : (value - from[i]!) / width);
	}

	const percent = (x: number): string => percentOf(x, PLATE_WIDTH);
	const down = (y: number): string => percentOf(y, height);
	const nameOf = (index: number): string => calledBy(decision.parents[index]!, workbench.document.linked);

	/** A place that comes near a step falls on it. */
	function snapped(share: number): number {
		return shares.find((step) => Math.abs(step - share) < SNAP) ?? share;
	}

	let dragged = $state<number | null>(null);

	function move(index: number, share: number) {
		workbench.edit('Move a parent', setPlace(plate.id, decision.id, index, share), `place ${decision.id} ${index}`);
	}

	function drag(event: PointerEvent & { currentTarget: HTMLElement }) {
		if (dragged === null) return;
		const { left, width } = event.currentTarget.parentElement!.getBoundingClientRect();
		const x = ((event.clientX - left) / width) * PLATE_WIDTH;
		move(dragged, snapped(Math.max(0, Math.min(1, between(x, middles, shares)))));
	}

	function goByKey(event: KeyboardEvent, index: number) {
		const direction = { ArrowLeft: -1, ArrowRight: 1 }[event.key];
		if (direction !== undefined) {
			const by = (event.shiftKey ? 0.05 : 0.01) * direction * (turned ? -1 : 1);
			move(index, places[index]! + by);
		} else if (event.key === 'Delete') workbench.edit('Remove a parent', removeParent(plate.id, decision.id, index));
		else return;
		event.preventDefault();
	}

	function isHeld(index: number): boolean {
		const held = placeOn(workbench);
		return held?.kind === 'parent' && held.scale === decision.id && held.index === index;
	}

	function addAt(share: number) {
		// A seam of another row chooses that row first.
		if (scaleOn(workbench, plate)?.id !== decision.id) chooseScale(workbench, decision.id);
		putParent(workbench, 'Add a parent', share);
	}
</script>

{#if inRow}
	{#if decision.parents.length < MOST_PARENTS}
		{#each place.steps.slice(1).keys() as i (i)}
			{@const [left, right] = [place.steps[i]!.box, place.steps[i + 1]!.box].sort((a, b) => a.x - b.x) as [
				typeof place.band,
				typeof place.band
			]}
			{@const x = (left.x + left.width + right.x) / 2}
			<button
				class="seam"
				tabindex="-1"
				aria-label="Add a parent between step {i + 1} and step {i + 2}"
				title="Add a parent here"
				style:left={percent(x - 5)}
				style:top={down(place.band.y)}
				style:width={percent(10)}
				style:height={down(place.band.height)}
				onclick={() => addAt((shares[i]! + shares[i + 1]!) / 2)}><span aria-hidden="true">+</span></button
			>
		{/each}
	{/if}
	{#if decision.recipe === 'path' && scaleOn(workbench, plate)?.id === decision.id}
		{#each places as at, index (index)}
			{#if index > 0 && index < places.length - 1}
				<button
					class="handle"
					class:held={isHeld(index)}
					role="slider"
					aria-label="Place of {nameOf(index)}"
					aria-valuemin={0}
					aria-valuemax={100}
					aria-valuenow={Math.round(at * 100)}
					aria-valuetext="{Math.round(at * 100)} % of the way"
					title="Drag along the path, or use the arrow keys; Delete removes this parent"
					style:left={percent(between(at, shares, middles))}
					style:top={down(place.band.y - 1)}
					onpointerdown={(event) => {
						dragged = index;
						event.currentTarget.setPointerCapture(event.pointerId);
						workbench.hold({ kind: 'parent', scale: decision.id, index });
					}}
					onpointermove={drag}
					onpointerup={() => (dragged = null)}
					onpointercancel={() => (dragged = null)}
					onfocus={() => workbench.hold({ kind: 'parent', scale: decision.id, index })}
					onkeydown={(event) => goByKey(event, index)}
				></button>
			{/if}
		{/each}
	{/if}
{/if}

<style>
	.seam {
		position: absolute;
		padding: 0;
		opacity: 0;
		cursor: copy;
	}
	.seam:hover {
		opacity: 1;
	}
	/* The sign stands over the seam, above the colours, so that it hides none. */
	.seam span {
		position: absolute;
		bottom: 100%;
		left: 50%;
		padding: 0 3px;
		background: var(--ink);
		color: #fff;
		font: 500 11px/13px var(--font-sans);
		transform: translateX(-50%);
	}
	.handle {
		position: absolute;
		width: 14px;
		height: 14px;
		margin: -14px 0 0 -7px;
		cursor: ew-resize;
		touch-action: none;
	}
	.handle::before {
		content: '';
		position: absolute;
		left: 2px;
		bottom: 2px;
		border: 5px solid transparent;
		border-bottom: 0;
		border-top: 8px solid #5f5f5f;
	}
	.handle.held::before,
	.handle:hover::before {
		border-top-color: var(--ink);
	}
</style>
