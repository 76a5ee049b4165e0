<script lang="ts">
	import { PLATE_HEIGHT, PLATE_WIDTH } from '$lib/drawing/plate-size';
	import { percentOf } from '$lib/ui/percent-of';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { DRAWN_BOX as BOX } from '../layout';
	import { matchedAt } from '../places';
	import { type MatchingPlate } from '../schema';
	import { holdRegion } from './held-region';

	/** The drawing to be clicked: each of its regions comes into the mixer. By keys they are gone through as chips. */
	let { workbench, plate }: { workbench: Workbench; plate: MatchingPlate } = $props();

	function pick({ clientX, clientY, currentTarget }: MouseEvent & { currentTarget: HTMLElement }) {
		const { left, top, width, height } = currentTarget.getBoundingClientRect();
		const found = matchedAt(plate, workbench.document.linked);
		const region = found?.match.pick?.(found.at, (clientX - left) / width, (clientY - top) / height) ?? null;
		if (region !== null) holdRegion(workbench, region);
	}
</script>

<button
	tabindex="-1"
	aria-hidden="true"
	data-drawing
	style:left={percentOf(BOX.x, PLATE_WIDTH)}
	style:top={percentOf(BOX.y, PLATE_HEIGHT)}
	style:width={percentOf(BOX.width, PLATE_WIDTH)}
	style:height={percentOf(BOX.height, PLATE_HEIGHT)}
	onclick={pick}
></button>

<style>
	button {
		position: absolute;
		cursor: pointer;
	}
</style>
