<script lang="ts">
	import { onMount } from 'svelte';
	import { drawPlate, revealsOf } from '$lib/plates/draw-plate';
	import { seenDrawing } from '$lib/drawing/view';
	import { BOARD_COLOURS, type Board } from '$lib/ui/boards';
	import PlateDrawing from '$lib/ui/PlateDrawing.svelte';
	import { type Workbench } from './workbench.svelte';

	interface Props {
		workbench: Workbench;
		board: Board;
		onclose: () => void;
	}

	/**
	 * A study as an educator shows it to a room: full screen, nothing but the plate on its board. Arrow keys or a click go
	 * through what is revealed, then to the next plate; Escape ends it. Nothing of the study changes.
	 */
	let { workbench, board, onclose }: Props = $props();

	const plates = $derived(workbench.document.plates);
	// It begins with the plate that is open.
	// svelte-ignore state_referenced_locally
	let index = $state(
		Math.max(
			0,
			plates.findIndex(({ id }) => id === workbench.plate?.id)
		)
	);
	let step = $state(0);
	let dialog = $state<HTMLDialogElement>();

	const reveals = $derived(revealsOf(plates[index]!));
	const reveal = $derived(reveals[Math.min(step, reveals.length - 1)]!);
	const drawing = $derived(
		seenDrawing(workbench.view, drawPlate(reveal.plate, workbench.document.linked, reveal.asks ? 'question' : 'full'))
	);

	/** Seconds left of a look, for those who lead it. */
	let left = $state<number | null>(null);

	$effect(() => {
		const { seconds } = reveal;
		left = seconds ?? null;
		if (seconds === undefined) return;
		const timer = setInterval(() => {
			left = (left ?? 1) - 1;
			if (left <= 0) go(1);
		}, 1000);
		return () => clearInterval(timer);
	});

	onMount(() => {
		dialog?.showModal();
		// Where the browser allows it; without, the view still fills the window.
		void dialog?.requestFullscreen?.().catch(() => undefined);
		return () => {
			if (document.fullscreenElement) void document.exitFullscreen();
		};
	});

	function go(by: 1 | -1) {
		const next = step + by;
		if (next >= 0 && next < reveals.length) step = next;
		else if (plates[index + by]) {
			index += by;
			step = by > 0 ? 0 : revealsOf(plates[index]!).length - 1;
		}
	}

	function goByKey(event: KeyboardEvent) {
		if (['ArrowRight', 'ArrowDown', 'PageDown', ' '].includes(event.key)) go(1);
		else if (['ArrowLeft', 'ArrowUp', 'PageUp'].includes(event.key)) go(-1);
		else if (event.key === 'Escape') dialog?.close();
		else return;
		event.preventDefault();
	}
</script>

<dialog
	bind:this={dialog}
	aria-label="Shown to a room: plate {index + 1} of {plates.length}, {plates[index]!.title}"
	style:background={BOARD_COLOURS[board]}
	onkeydown={goByKey}
	{onclose}
>
	<button class="sheet" aria-label="Go on" onclick={() => go(1)}>
		<PlateDrawing {drawing} />
	</button>
	{#if left !== null}<p class="left">{left}</p>{/if}
	<p class="unseen" aria-live="polite">Plate {index + 1}, {reveal.says}</p>
</dialog>

<style>
	dialog {
		position: fixed;
		inset: 0;
		display: grid;
		place-items: center;
		width: 100vw;
		max-width: none;
		height: 100vh;
		max-height: none;
		margin: 0;
		padding: 3vh 3vw;
		border: 0;
	}
	.left {
		position: fixed;
		right: 2vw;
		bottom: 1.5vh;
		padding: 0 6px;
		background: #fff;
		font-size: 13px;
		color: var(--soft);
	}
	dialog:not([open]) {
		display: none;
	}
	.sheet {
		position: relative;
		display: block;
		width: min(94vw, 94vh * 792 / 560);
		padding: 0;
		background: #fff;
		cursor: default;
	}
	.sheet:focus-visible {
		outline: none;
		box-shadow: none;
	}
</style>
