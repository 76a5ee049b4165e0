<script lang="ts">
	import { percentOf } from '$lib/ui/percent-of';
	import { untrack } from 'svelte';
	import { colourWords } from '$lib/core/colour/hue-words';
	import { asSaid, drawnFor } from '$lib/workbench/study/drawn';
	import { schemeLayout } from '../draw-scheme';
	import { PLATE_WIDTH } from '$lib/drawing/plate-size';
	import { schemeOf } from '../scheme-of';
	import { type TakenColour } from '$lib/model/colour-text';
	import { type SchemePlate } from '../schema';
	import { dragColour } from '$lib/ui/colour-drag';
	import { putInHeld } from '$lib/workbench/palettes/put-colour';
	import PlateSurface from '$lib/workbench/study/PlateSurface.svelte';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import RelativesPicker from './RelativesPicker.svelte';
	import { memberPlace } from '../places';
	import { decideScheme } from '../scheme-edits';
	import { indexHeld } from './scheme-state.svelte';
	import WheelHandles from './WheelHandles.svelte';
	import { focusMixer } from '$lib/workbench/mixer/focus-mixer';

	let { workbench, plate }: { workbench: Workbench; plate: SchemePlate } = $props();

	const linked = $derived(workbench.document.linked);
	const drawing = $derived(drawnFor(workbench, plate));
	const made = $derived(schemeOf(plate, linked));
	const shape = $derived(JSON.stringify([plate.relatives, plate.inUse, plate.keptTo !== null, plate.others.length]));
	// The places only change with what is shown, so they stay as they are while a colour is turned.
	let laidOut = { shape: '', layout: schemeLayout(untrack(() => plate)) };
	const layout = $derived.by(() => {
		if (laidOut.shape !== shape) laidOut = { shape, layout: schemeLayout(plate) };
		return laidOut.layout;
	});
	const held = $derived(indexHeld(workbench));
	const across = (x: number): string => percentOf(x, PLATE_WIDTH);
	const down = (y: number): string => percentOf(y, layout.height);

	const crossOf = (index: number) =>
		layout.crosses.length === made.members.length ? layout.crosses.find(({ member }) => member === index) : undefined;
	/** The cross of what is held stands between brackets. */
	const bracketed = $derived(held === null ? null : crossOf(held)?.cell);

	function takeDropped(colour: TakenColour, on: Element | null) {
		const index = Number(on?.closest<HTMLElement>('[data-member]')?.dataset.member);
		if (Number.isNaN(index)) return;
		workbench.hold(memberPlace(index));
		putInHeld(workbench, colour);
	}

	/** Where there are too many members for a cross each, the one that is held has it. */
	function hold(index: number) {
		workbench.hold(memberPlace(index));
		if (layout.crosses.length !== 1 || layout.crosses[0]!.member === index) return;
		const relatives = { ...plate.relatives, cross: index };
		workbench.edit('Show the cross of a member', decideScheme(plate.id, { relatives }), `cross ${plate.id}`);
	}

	const saidOf = (index: number): string => {
		const { linear, hex, value } = made.members[index]!;
		const member = index === 0 ? 'Lead colour' : `Member ${index + 1}`;
		return asSaid(workbench, `${member}, ${colourWords(linear)}, ${hex}, value ${value.toFixed(0)}`);
	};

	let surface = $state<HTMLElement>();

	function goByKey(event: KeyboardEvent, index: number) {
		const direction = { ArrowLeft: -1, ArrowRight: 1 }[event.key];
		if (event.key === 'Enter') focusMixer();
		else if (direction !== undefined)
			surface
				?.querySelector<HTMLElement>(
					`.member[data-member="${(index + direction + made.members.length) % made.members.length}"]`
				)
				?.focus();
		else return;
		event.preventDefault();
	}
</script>

<PlateSurface {workbench} {plate} {drawing} bind:element={surface} ondropped={takeDropped}>
	{#if layout.crosses.length > 0}
		<RelativesPicker {workbench} {plate} crosses={layout.crosses} height={layout.height} />
	{/if}
	<div role="group" aria-label="Members of the scheme">
		{#each made.members.keys() as index (index)}
			<button
				class="member"
				class:held={held === index}
				class:crossed={crossOf(index) !== undefined}
				data-member={index}
				draggable="true"
				aria-pressed={held === index}
				aria-label={saidOf(index)}
				tabindex={held === index || (held === null && index === 0) ? 0 : -1}
				style:left={across(layout.members[index]!.x)}
				style:top={down(layout.members[index]!.y)}
				style:width={across(layout.members[index]!.width)}
				style:height={down(layout.members[index]!.height)}
				ondragstart={(event) => dragColour(event, { text: made.members[index]!.hex })}
				onclick={() => hold(index)}
				onfocus={() => hold(index)}
				onkeydown={(event) => goByKey(event, index)}
			></button>
		{/each}
	</div>
	{#if bracketed}
		<span
			class="bracket"
			style:left={across(bracketed.x - 4)}
			style:top={down(bracketed.y + 1)}
			style:width={across(bracketed.width - 2)}
			style:height={down(bracketed.height - 2)}
		></span>
	{/if}
	<WheelHandles {workbench} {plate} {layout} />
</PlateSurface>

<style>
	.member {
		position: absolute;
		padding: 0;
		cursor: pointer;
	}
	/* The mark of what is held stands over the colour, never on it; in a cross the arms leave it only the corners. */
	.member.held:not(.crossed)::before {
		content: '';
		position: absolute;
		inset: auto 0 calc(100% + 2px);
		height: 3px;
		background: var(--ink);
	}
	.bracket {
		position: absolute;
		pointer-events: none;
	}
	.bracket::before,
	.bracket::after {
		content: '';
		position: absolute;
		top: 0;
		bottom: 0;
		width: 7px;
		border: 2px solid var(--ink);
	}
	.bracket::before {
		left: 0;
		border-right: 0;
	}
	.bracket::after {
		right: 0;
		border-left: 0;
	}
	.member:focus-visible {
		z-index: 1;
		outline: 2px dashed var(--ink);
		outline-offset: 3px;
	}
</style>
