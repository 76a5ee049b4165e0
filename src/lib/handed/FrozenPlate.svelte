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

	/** Where the keys have led the cross, in shares of the width and height. */
	let cross = $state.raw({ x: 0.5, y: 0.5 });
	const inside = (share: number): number => Math.min(1, Math.max(0, share));

	function place(event: MouseEvent & { currentTarget: HTMLElement }) {
		// A press of Enter has no place of its own.
		if (event.detail === 0) return onplace?.(cross.x, cross.y);
		const { left, top, width, height } = event.currentTarget.getBoundingClientRect();
		onplace?.(inside((event.clientX - left) / width), inside((event.clientY - top) / height));
	}

	const STEPS: Readonly<Record<string, readonly [number, number]>> = {
		ArrowLeft: [-1, 0],
		ArrowRight: [1, 0],
		ArrowUp: [0, -1],
		ArrowDown: [0, 1]
	};
	/** A step of an arrow key, as a share; finer with Shift. */
	const [STEP, FINE] = [0.02, 0.005];

	function lead(event: KeyboardEvent) {
		const [across, down] = STEPS[event.key] ?? [];
		if (across === undefined || down === undefined) return;
		event.preventDefault();
		const by = event.shiftKey ? FINE : STEP;
		cross = { x: inside(cross.x + by * across), y: inside(cross.y + by * down) };
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
		<button
			class="over"
			aria-label="Pin the note to a place of “{drawing.title}”: click it, or lead the cross there by arrow keys and press Enter"
			onclick={place}
			onkeydown={lead}
		>
			<i style:left="{100 * cross.x}%" style:top="{100 * cross.y}%" aria-hidden="true"></i>
			<span class="unseen" aria-live="polite">
				{Math.round(100 * cross.x)} % across, {Math.round(100 * cross.y)} % down
			</span>
		</button>
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
	.over i {
		display: none;
		position: absolute;
		width: 21px;
		height: 21px;
		background:
			linear-gradient(#1c1c1c 0 0) center / 100% 1px no-repeat,
			linear-gradient(#1c1c1c 0 0) center / 1px 100% no-repeat;
		outline: 1px solid #fff;
		transform: translate(-50%, -50%);
	}
	.over:focus-visible i {
		display: block;
	}
</style>
