<script lang="ts">
	import { type Box } from '$lib/drawing/box';
	import { type Pixels } from '$lib/core/picture/square';
	import { PLATE_HEIGHT, PLATE_WIDTH } from '$lib/drawing/plate-size';
	import { percentOf } from '$lib/ui/percent-of';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { inBox } from '../picture-layout';
	import { type PicturePlate } from '../schema';
	import { movedByArrow } from './arrow-moves';
	import { setLine } from './taking';

	interface Props {
		workbench: Workbench;
		plate: PicturePlate;
		pixels: Pixels | null;
		box: Box;
	}

	/** The two ends of the line across the picture, to be moved by hand and by keys. */
	let { workbench, plate, pixels, box }: Props = $props();

	const ENDS = [
		{ key: 'from', name: 'Beginning of the line' },
		{ key: 'to', name: 'End of the line' }
	] as const;
	type End = (typeof ENDS)[number]['key'];

	let dragged: End | null = null;
	let group = $state<HTMLElement>();

	function move({ clientX, clientY }: PointerEvent) {
		if (!dragged || !pixels || !group) return;
		const bounds = group.getBoundingClientRect();
		const spot = {
			x: ((clientX - bounds.left) / bounds.width) * plate.picture.width - 0.5,
			y: ((clientY - bounds.top) / bounds.height) * plate.picture.height - 0.5
		};
		setLine(workbench, plate, pixels, { [dragged]: spot }, `${dragged} ${plate.id}`);
	}

	function key(event: KeyboardEvent, end: End) {
		const spot = movedByArrow(event, plate.line[end]);
		if (!spot || !pixels) return;
		event.preventDefault();
		setLine(workbench, plate, pixels, { [end]: spot }, `${end} ${plate.id}`);
	}

	/** Where an end stands, in per cent of the picture. */
	const placeOf = (end: End): readonly [number, number] => {
		const [x, y] = inBox(plate, { x: 0, y: 0, width: 100, height: 100 }, plate.line[end]);
		return [x, y];
	};
</script>

<svelte:window onpointermove={move} onpointerup={() => (dragged = null)} onpointercancel={() => (dragged = null)} />

<div
	class="over"
	role="group"
	aria-label="Line across the picture"
	bind:this={group}
	style:left={percentOf(box.x, PLATE_WIDTH)}
	style:top={percentOf(box.y, PLATE_HEIGHT)}
	style:width={percentOf(box.width, PLATE_WIDTH)}
	style:height={percentOf(box.height, PLATE_HEIGHT)}
>
	{#each ENDS as { key: end, name } (end)}
		{@const [x, y] = placeOf(end)}
		<button
			style:left="{x}%"
			style:top="{y}%"
			aria-label="{name}, at {plate.line[end].x}, {plate.line[end].y}; arrow keys move it"
			onpointerdown={() => (dragged = end)}
			onkeydown={(event) => key(event, end)}
		></button>
	{/each}
</div>

<style>
	.over {
		position: absolute;
		pointer-events: none;
	}
	button {
		position: absolute;
		width: 24px;
		height: 24px;
		translate: -50% -50%;
		border-radius: 50%;
		pointer-events: auto;
		cursor: move;
		touch-action: none;
	}
	button:focus-visible {
		outline: 2px dashed #fff;
		box-shadow: 0 0 0 4px #1c1c1c80;
	}
</style>
