<script lang="ts">
	import { drawPiece, drawPlate } from '$lib/plates/draw-plate';
	import { LEAST_PIXELS_WIDE, MOST_PIXELS_WIDE } from '$lib/study/requests';
	import Sheet from '$lib/ui/Sheet.svelte';
	import { downloadPng, type Piece } from './take-away';
	import { whileMade } from './while-made';
	import { type Workbench } from './workbench.svelte';

	/** How large the picture of the plate, or of a part of it, is to be. */
	interface Props {
		open: boolean;
		workbench: Workbench;
		/** What of the plate, and what it is called. */
		what: Piece;
		words: string;
	}
	let { open = $bindable(), workbench, what, words }: Props = $props();

	let width = $state(1584);
	const drawing = $derived(
		!open || !workbench.plate
			? null
			: what === 'piece'
				? drawPiece(workbench.plate, workbench.document.linked)
				: drawPlate(workbench.plate, workbench.document.linked, 'full')
	);
	const fits = $derived(Number.isInteger(width) && width >= LEAST_PIXELS_WIDE && width <= MOST_PIXELS_WIDE);
	const height = $derived(drawing ? Math.round((width * drawing.height) / drawing.width) : 0);

	function save() {
		const { plate, document } = workbench;
		if (!plate || !fits) return;
		open = false;
		void whileMade('the picture', (making) => downloadPng(plate, document.linked, { width, what }, making));
	}
</script>

<Sheet title="{words} as PNG" bind:open>
	<label>
		<span>Width in pixels</span>
		<input
			class="field"
			type="number"
			min={LEAST_PIXELS_WIDE}
			max={MOST_PIXELS_WIDE}
			bind:value={width}
			aria-describedby="png-size"
		/>
	</label>
	<p id="png-size">
		{fits
			? `${width} by ${height} pixels, 8 bits a channel, sRGB with its profile in the file.`
			: `A whole number from ${LEAST_PIXELS_WIDE} to ${MOST_PIXELS_WIDE} is wanted.`}
	</p>
	{#snippet footer()}
		<button class="act main" disabled={!fits} onclick={save}>Save the picture</button>
		<button class="act" onclick={() => (open = false)}>Cancel</button>
	{/snippet}
</Sheet>

<style>
	label {
		display: grid;
		gap: 4px;
		width: 150px;
	}
	p {
		margin-top: 8px;
		font-size: 12px;
		color: var(--soft);
	}
</style>
