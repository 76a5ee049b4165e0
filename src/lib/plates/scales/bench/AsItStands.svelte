<script lang="ts">
	import { PLATE_WIDTH } from '$lib/drawing/plate-size';
	import { seenHex } from '$lib/drawing/view';
	import { percentOf } from '$lib/ui/percent-of';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { type RowPlace } from '../layout';
	import { type ScalesPlate } from '../schema';
	import { scaleOf } from '../scale-of';

	interface Props {
		workbench: Workbench;
		/** The row that something is tried on. */
		id: string;
		place: RowPlace;
		height: number;
	}

	/** While something is tried on a row: the row as it stands, as a thin strip over it. */
	let { workbench, id, place, height }: Props = $props();

	const codes = $derived.by((): string[] => {
		const plate = workbench.decidedPlate as ScalesPlate | null;
		const decision = plate?.scales.find((scale) => scale.id === id);
		if (!decision) return [];
		return scaleOf(decision, workbench.decided.linked).steps.map(({ hex }) => seenHex(workbench.view, hex));
	});
	const HIGH = 7;
	/** Each colour from its share of the width to the next, with no seam between them. */
	const bands = $derived(
		codes.map((code, i) => `${code} ${(100 * i) / codes.length}% ${(100 * (i + 1)) / codes.length}%`).join(', ')
	);
</script>

{#if codes.length > 0}
	<span
		aria-hidden="true"
		style:left={percentOf(place.band.x, PLATE_WIDTH)}
		style:width={percentOf(place.band.width, PLATE_WIDTH)}
		style:top={percentOf(place.y, height)}
		style:height={percentOf(HIGH, height)}
		style:background="linear-gradient(to right, {bands})"
	></span>
{/if}

<style>
	span {
		position: absolute;
		pointer-events: none;
		z-index: 1;
	}
</style>
