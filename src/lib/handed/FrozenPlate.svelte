<script lang="ts">
	import { PLAIN_VIEW, type View } from '$lib/drawing/view-kinds';
	import { seenDrawing } from '$lib/drawing/view';
	import { describePlate } from '$lib/plates/draw-plate';
	import { type HandIn } from '$lib/study/handed/hand-in';
	import { thawed } from '$lib/study/handed/stored-drawing';
	import { type Note } from '$lib/study/handed/returned';
	import PlateDrawing from '$lib/ui/PlateDrawing.svelte';

	interface Props {
		handIn: HandIn;
		/** Which plate, from 0. */
		plate: number;
		view?: View;
		/** Notes that are pinned to it, with the number that each has. */
		pins?: readonly { readonly note: Note; readonly number: number }[];
		/** Takes a place that is clicked, in shares of the width and height. */
		onplace?: ((x: number, y: number) => void) | undefined;
	}

	/** A plate as it was drawn when it was handed in. */
	let { handIn, plate, view = PLAIN_VIEW, pins = [], onplace }: Props = $props();

	const drawing = $derived(thawed(handIn.drawings[plate]!));
	const says = $derived(describePlate(handIn.study.plates[plate]!, handIn.study.linked));

	function place(event: MouseEvent & { currentTarget: HTMLElement }) {
		const { left, top, width, height } = event.currentTarget.getBoundingClientRect();
		onplace?.((event.clientX - left) / width, (event.clientY - top) / height);
	}
</script>

<figure aria-label="{drawing.title}. {says}">
	<PlateDrawing drawing={seenDrawing(view, drawing)} />
	{#each pins as { note, number } (note.id)}
		{#if note.at}
			<span class="pin" style:left="{100 * note.at.x}%" style:top="{100 * note.at.y}%" aria-hidden="true">{number}</span
			>
		{/if}
	{/each}
	{#if onplace}
		<button class="over" aria-label="Pin the note to a place of “{drawing.title}”" onclick={place}></button>
	{/if}
</figure>

<style>
	figure {
		position: relative;
		margin: 0;
		background: #fff;
	}
	.pin {
		display: grid;
		position: absolute;
		place-items: center;
		width: 20px;
		height: 20px;
		border: 1px solid #fff;
		border-radius: 50%;
		background: var(--ink);
		color: #fff;
		font-size: 11px;
		transform: translate(-50%, -50%);
	}
	.over {
		position: absolute;
		inset: 0;
		cursor: crosshair;
	}
</style>
