<script lang="ts">
	import { type Box } from '$lib/drawing/box';
	import { type Pixels, type Spot } from '$lib/core/picture/square';
	import { PLATE_HEIGHT, PLATE_WIDTH } from '$lib/drawing/plate-size';
	import { percentOf } from '$lib/ui/percent-of';
	import { focusMixer } from '$lib/workbench/mixer/focus-mixer';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { wordsOfText } from '../describe';
	import { halfOfMark } from '../draw-marks';
	import { inBox, pixelAt } from '../picture-layout';
	import { type PicturePlate } from '../schema';
	import { movedByArrow } from './arrow-moves';
	import { heldOn, placeHeldOn } from './held-place';
	import { textAt } from './reckon';
	import { addPlace, movePlace, removePlace } from './taking';

	interface Props {
		workbench: Workbench;
		plate: PicturePlate;
		pixels: Pixels | null;
		box: Box;
	}

	/** The picture to be clicked, and the marks of its places to be moved by hand and by keys. */
	let { workbench, plate, pixels, box }: Props = $props();

	const held = $derived(heldOn(workbench));
	const heldPlace = $derived(placeHeldOn(workbench, plate));
	const half = $derived(halfOfMark(plate, box));
	/** By their ids, so that a mark that is moved stays the same element while the order changes. */
	const marks = $derived(
		plate.places.map((place, index) => ({ ...place, index })).sort((one, other) => (one.id < other.id ? -1 : 1))
	);

	const left = (x: number): string => percentOf(x, PLATE_WIDTH);
	const top = (y: number): string => percentOf(y, PLATE_HEIGHT);
	/** Where the pixel that is looked at stands, for the keys; in the middle before any is. */
	const looked = $derived<Spot>(
		held?.kind === 'pixel' ? held : (heldPlace?.place ?? { x: plate.picture.width >> 1, y: plate.picture.height >> 1 })
	);

	let ground = $state<HTMLElement>();
	let drag: { id: string; offset: readonly [number, number] } | null = null;

	/** The pixel of the picture under the pointer. */
	function under({ clientX, clientY }: PointerEvent | MouseEvent): Spot {
		const bounds = ground!.getBoundingClientRect();
		return pixelAt(plate, (clientX - bounds.left) / bounds.width, (clientY - bounds.top) / bounds.height);
	}

	function look(spot: Spot) {
		if (!pixels) return;
		workbench.hold({ kind: 'pixel', x: spot.x, y: spot.y, text: textAt(pixels, spot, 1) });
	}

	function begin(event: PointerEvent, id: string) {
		if (event.button !== 0 || event.ctrlKey || event.shiftKey || event.altKey) return;
		const place = plate.places.find((each) => each.id === id)!;
		const spot = under(event);
		drag = { id, offset: [place.x - spot.x, place.y - spot.y] };
		workbench.hold({ kind: 'place', id });
	}

	function move(event: PointerEvent) {
		if (!drag || !pixels) return;
		const { x, y } = under(event);
		const spot = { x: x + drag.offset[0], y: y + drag.offset[1] };
		movePlace(workbench, plate, pixels, drag.id, spot, `place ${drag.id}`);
	}

	const within = ({ x, y }: Spot): Spot => ({
		x: Math.max(0, Math.min(plate.picture.width - 1, x)),
		y: Math.max(0, Math.min(plate.picture.height - 1, y))
	});

	/** The mark of another place, by its number from this one on. */
	function toMark(index: number, by: number) {
		const next = plate.places[(index + by + plate.places.length) % plate.places.length]!;
		ground?.parentElement?.querySelector<HTMLElement>(`[data-mark="${next.id}"]`)?.focus();
	}

	/** Arrow keys move the mark, Page Up and Page Down go to the place before and the next, Delete takes it out, Enter goes to the mixer. */
	function keyOnMark(event: KeyboardEvent, id: string, index: number) {
		if (event.ctrlKey || event.metaKey || event.altKey) return;
		const spot = movedByArrow(event, plate.places[index]!);
		if (spot && pixels) movePlace(workbench, plate, pixels, id, spot, `place ${id}`);
		else if (event.key === 'PageDown') toMark(index, 1);
		else if (event.key === 'PageUp') toMark(index, -1);
		else if (event.key === 'Delete') {
			removePlace(workbench, plate, id);
			toMark(Math.min(index, plate.places.length - 1), 0);
		} else if (event.key === 'Enter') focusMixer();
		else return;
		event.preventDefault();
	}

	/** Arrow keys go from pixel to pixel, Enter takes a place there. */
	function keyOnPicture(event: KeyboardEvent) {
		if (event.ctrlKey || event.metaKey || event.altKey) return;
		const spot = movedByArrow(event, looked);
		if (spot) look(within(spot));
		else if (event.key === 'Enter' && pixels) addPlace(workbench, plate, pixels, looked);
		else return;
		event.preventDefault();
	}
</script>

<svelte:window onpointermove={move} onpointerup={() => (drag = null)} onpointercancel={() => (drag = null)} />

<button
	class="picture"
	bind:this={ground}
	style:left={left(box.x)}
	style:top={top(box.y)}
	style:width={left(box.width)}
	style:height={top(box.height)}
	aria-label="{plate.picture
		.name}: click a pixel to look at it, or go by arrow keys; Enter or a double click takes a place there"
	onclick={(event) => event.detail > 0 && look(under(event))}
	ondblclick={(event) => pixels && addPlace(workbench, plate, pixels, under(event))}
	onkeydown={keyOnPicture}
></button>
{#if held?.kind === 'pixel'}
	{@const [x, y] = inBox(plate, box, held)}
	<span class="cross" style:left={left(x)} style:top={top(y)}></span>
{/if}
<div role="group" aria-label="Places in the picture">
	{#each marks as { id, text, index, locked, ...spot } (id)}
		{@const [x, y] = inBox(plate, box, spot)}
		{@const isHeld = heldPlace?.place.id === id}
		<button
			class="mark"
			class:held={isHeld}
			data-mark={id}
			tabindex={isHeld || (!heldPlace && index === 0) ? 0 : -1}
			style:left={left(x - half)}
			style:top={top(y - half)}
			style:width={left(2 * half)}
			style:height={top(2 * half)}
			aria-pressed={isHeld}
			aria-label="Place {index + 1}, {wordsOfText(text)}{locked ? ', locked' : ''}"
			onpointerdown={(event) => begin(event, id)}
			onclick={() => workbench.hold({ kind: 'place', id })}
			onfocus={() => workbench.hold({ kind: 'place', id })}
			onkeydown={(event) => keyOnMark(event, id, index)}
		></button>
	{/each}
</div>

<style>
	.picture {
		position: absolute;
		cursor: crosshair;
	}
	.mark {
		position: absolute;
		min-width: 16px;
		min-height: 16px;
		cursor: move;
		touch-action: none;
	}
	.mark.held::before {
		content: '';
		position: absolute;
		inset: -5px;
		border: solid #fff;
		border-width: 0 0 2px;
		box-shadow: 0 2px 0 #1c1c1c;
	}
	.mark:focus-visible,
	.picture:focus-visible {
		outline: 2px dashed #fff;
		outline-offset: 4px;
		box-shadow: 0 0 0 5px #1c1c1c80;
	}
	.cross {
		position: absolute;
		width: 0;
		height: 0;
		pointer-events: none;
	}
	.cross::before,
	.cross::after {
		content: '';
		position: absolute;
		background: #fff;
		outline: 1px solid #1c1c1c;
	}
	.cross::before {
		top: -11px;
		left: -0.5px;
		width: 1px;
		height: 7px;
		box-shadow: 0 15px 0 #fff;
	}
	.cross::after {
		top: -0.5px;
		left: -11px;
		width: 7px;
		height: 1px;
		box-shadow: 15px 0 0 #fff;
	}
</style>
