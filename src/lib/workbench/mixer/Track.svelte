<script lang="ts">
	import { untrack } from 'svelte';
	import { hexToNumber, numberToHex } from '$lib/core/colour/code-number';
	import { wordsOfHex } from '$lib/drawing/patch';
	import { seenHex, type View } from '$lib/drawing/view';
	import { opaque } from '$lib/drawing/paint-shapes';
	import { type Coordinates, within } from './coordinates';

	interface Props {
		coordinates: Coordinates;
		/** Which of the coordinates this track turns. */
		index: number;
		values: readonly number[];
		/** How the study is looked at: the tracks are seen so too. */
		view: View;
		/** Whether the colour is set by eye: then the track says no number. */
		byEye?: boolean;
		onturn: (value: number) => void;
		/** A value that was typed, which is an act of its own. */
		onset: (value: number) => void;
	}

	let { coordinates, index, values, view, byEye = false, onturn, onset }: Props = $props();

	const COLUMNS = 96;
	const HEIGHT = 18;
	/** Where no screen can show a colour the track is this much lower, and shows the nearest that can. */
	const NARROW = 5;
	let canvas = $state<HTMLCanvasElement>();
	const axis = $derived(coordinates.axes[index]!);
	const value = $derived(values[index]!);
	/** The two other coordinates: what the track looks like depends on these alone. */
	const others = $derived(values.filter((_, i) => i !== index).join(' '));
	const said = $derived(value.toFixed(axis.decimals) + axis.unit);
	const now = $derived(coordinates.shown(values));

	$effect(() => {
		const context = canvas?.getContext('2d');
		if (context && others && view)
			paint(
				context,
				coordinates,
				untrack(() => values)
			);
	});

	/** What each position would give, the others held. */
	function paint(context: CanvasRenderingContext2D, { shown, axes }: Coordinates, held: readonly number[]) {
		const tried = [...held];
		const { least, most } = axes[index]!;
		const image = new ImageData(COLUMNS, HEIGHT);
		const pixels = new DataView(image.data.buffer);
		for (let i = 0; i < COLUMNS; i++) {
			tried[index] = least + ((most - least) * i) / (COLUMNS - 1);
			const { code, fits: inside } = shown(tried);
			const colour = opaque(view.kind === 'colour' ? code : hexToNumber(seenHex(view, numberToHex(code))));
			for (let row = inside ? 0 : HEIGHT - NARROW; row < HEIGHT; row++)
				pixels.setUint32(4 * (row * COLUMNS + i), colour);
		}
		context.putImageData(image, 0, 0);
	}

	/** What a place of the slider stands for: by eye it goes from 0 to 1, so that nothing tells where the colour is. */
	const fromTrack = (place: number): number => (byEye ? axis.least + place * (axis.most - axis.least) : place);

	const STEPS: Readonly<Record<string, number>> = { ArrowRight: 1, ArrowUp: 1, ArrowLeft: -1, ArrowDown: -1 };

	function turnByKey(event: KeyboardEvent) {
		const direction = STEPS[event.key];
		if (direction === undefined || event.ctrlKey || event.metaKey || event.altKey) return;
		event.preventDefault();
		onturn(within(axis, value + direction * (event.shiftKey ? axis.leap : axis.step)));
	}

	function type(input: HTMLInputElement) {
		const number = Number(input.value.replace(',', '.').replace(/[%°\s]/g, ''));
		if (input.value.trim() !== '' && Number.isFinite(number)) onset(within(axis, number));
		// The same value again: the field goes back to it, where what was typed could not be read or was brought in.
		input.value = said;
	}
</script>

<div class="track" class:byEye>
	<span class="name">{axis.name}</span>
	<div class="groove">
		<canvas bind:this={canvas} width={COLUMNS} height={HEIGHT}></canvas>
		<input
			type="range"
			min={byEye ? 0 : axis.least}
			max={byEye ? 1 : axis.most}
			step="any"
			value={byEye ? (value - axis.least) / (axis.most - axis.least) : value}
			aria-label={axis.name}
			aria-valuetext={byEye
				? 'set by eye'
				: `${said}, ${wordsOfHex(numberToHex(now.code))}${now.fits ? '' : ', outside the screen gamut'}`}
			oninput={(event) => onturn(fromTrack(event.currentTarget.valueAsNumber))}
			onkeydown={turnByKey}
		/>
	</div>
	{#if !byEye}
		<input
			class="number"
			value={said}
			inputmode="decimal"
			aria-label="{axis.name}, typed"
			onkeydown={(event) => {
				if (event.key === 'Enter') type(event.currentTarget);
				else if (event.key === 'ArrowUp' || event.key === 'ArrowDown') turnByKey(event);
			}}
			onchange={(event) => type(event.currentTarget)}
		/>
	{/if}
</div>

<style>
	.track {
		display: grid;
		grid-template-columns: 70px 1fr 62px;
		gap: 12px;
		align-items: center;
	}
	.track.byEye {
		grid-template-columns: 70px 1fr;
	}
	.groove {
		position: relative;
		height: 18px;
	}
	canvas {
		position: absolute;
		left: 3px;
		width: calc(100% - 6px);
		height: 100%;
	}
	input[type='range'] {
		position: absolute;
		inset: -4px 0;
		width: 100%;
		margin: 0;
		appearance: none;
		background: none;
		cursor: pointer;
	}
	input[type='range']::-webkit-slider-thumb {
		appearance: none;
		width: 7px;
		height: 26px;
		border: 2px solid #000;
		border-radius: 0;
		background: #fff;
		box-shadow: none;
	}
	input[type='range']::-moz-range-thumb {
		box-sizing: border-box;
		width: 7px;
		height: 26px;
		border: 2px solid #000;
		border-radius: 0;
		background: #fff;
	}
	input[type='range']::-webkit-slider-runnable-track {
		background: none;
	}
	input[type='range']:focus-visible {
		outline: 2px solid #fff;
		outline-offset: 1px;
		box-shadow: none;
	}
	.number {
		width: 100%;
		padding: 3px 7px;
		border: 0;
		border-radius: 0;
		background: #474747;
		color: #fff;
		font: 400 12.5px/1.4 var(--font-sans);
		text-align: right;
	}
	.number:focus-visible {
		outline: 2px solid #fff;
		box-shadow: none;
	}
	.number:focus {
		box-shadow: none;
	}
</style>
