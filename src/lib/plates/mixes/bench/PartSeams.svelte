<script lang="ts">
	import { percentOf } from '$lib/ui/percent-of';
	import { parentName } from '../parents';
	import { parentBoxes, partsAtSeam } from '../parent-bar';
	import { PLATE_HEIGHT, PLATE_WIDTH } from '$lib/drawing/plate-size';
	import { type MixesPlate } from '../schema';
	import { setParts } from '../mixes-edits';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';

	/** The seams between parents, to be dragged or moved by keys: what one gains its neighbour loses. */
	let { workbench, plate }: { workbench: Workbench; plate: MixesPlate } = $props();

	const parts = $derived(plate.parents.map((parent) => parent.parts));
	const boxes = $derived(parentBoxes(parts));
	let dragged = $state<number | null>(null);

	function set(seam: number, pair: readonly [number, number]) {
		workbench.edit('Change the parts', setParts(plate.id, seam, pair), `parts ${plate.id} ${seam}`);
	}

	function drag(event: PointerEvent & { currentTarget: HTMLElement }) {
		if (dragged === null) return;
		const { left, width } = event.currentTarget.closest('.lay')!.getBoundingClientRect();
		set(dragged, partsAtSeam(parts, dragged, ((event.clientX - left) / width) * PLATE_WIDTH));
	}

	function moveByKey(event: KeyboardEvent, seam: number) {
		const direction = { ArrowLeft: -1, ArrowRight: 1 }[event.key];
		if (direction === undefined) return;
		event.preventDefault();
		const both = parts[seam]! + parts[seam + 1]!;
		const first = Math.min(both, Math.max(0, parts[seam]! + direction * (event.shiftKey ? 0.5 : 0.1)));
		set(seam, [Math.round(first * 10) / 10, Math.round((both - first) * 10) / 10]);
	}
</script>

{#each boxes.slice(1) as box, seam (seam)}
	<button
		class="seam"
		role="slider"
		aria-label="Parts of {parentName(plate, seam, workbench.document.linked)} beside {parentName(
			plate,
			seam + 1,
			workbench.document.linked
		)}"
		aria-valuemin={0}
		aria-valuemax={parts[seam]! + parts[seam + 1]!}
		aria-valuenow={parts[seam]}
		aria-valuetext="{parts[seam]} to {parts[seam + 1]}"
		title="Drag to change the parts"
		style:left={percentOf(box.x, PLATE_WIDTH)}
		style:top={percentOf(box.y, PLATE_HEIGHT)}
		style:height={percentOf(box.height, PLATE_HEIGHT)}
		onpointerdown={(event) => {
			dragged = seam;
			event.currentTarget.setPointerCapture(event.pointerId);
		}}
		onpointermove={drag}
		onpointerup={() => (dragged = null)}
		onpointercancel={() => (dragged = null)}
		onkeydown={(event) => moveByKey(event, seam)}
	></button>
{/each}

<style>
	.seam {
		position: absolute;
		width: 14px;
		margin-left: -7px;
		cursor: ew-resize;
		touch-action: none;
	}
	/* The sign stands over the seam, above the colours. */
	.seam::before {
		content: '';
		position: absolute;
		top: -9px;
		left: 2px;
		border: 5px solid transparent;
		border-bottom: 0;
		border-top: 8px solid var(--soft);
	}
	.seam:hover::before,
	.seam:focus-visible::before {
		border-top-color: var(--ink);
	}
	.seam:focus-visible {
		outline: 2px dashed var(--ink);
		outline-offset: 2px;
	}
</style>
