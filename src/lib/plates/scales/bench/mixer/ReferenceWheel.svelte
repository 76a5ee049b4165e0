<script lang="ts">
	import SelectField from '$lib/ui/SelectField.svelte';
	import { linearToHex } from '$lib/core/colour/bytes';
	import { colourWords } from '$lib/core/colour/hue-words';
	import { fit } from '$lib/core/colour/shown';
	import { turn, type Triple } from '$lib/core/colour/vector';
	import { WHEEL_WORDS } from '$lib/core/scale/words';
	import { temperature } from '$lib/core/scheme/temperature';
	import { angleOn, turnHue } from '$lib/core/scheme/turn-hue';
	import { WHEELS, type Wheel } from '$lib/core/scheme/wheel';
	import { warmHalf, wheelColours } from '$lib/core/scheme/wheel-colours';
	import { ring } from '../../forms/ring';
	import { usedParents } from '../../scale-of';
	import { calledBy, colourOf, textOf } from '$lib/model/resolve';
	import { seenHex } from '$lib/drawing/view';
	import { type ScalesPlate } from '../../schema';
	import { scaleOn } from '../chosen-scale';
	import BesideButton from '$lib/ui/BesideButton.svelte';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { setHeldColour } from '$lib/workbench/mixer/subject';

	/** A wheel at hand while parents are chosen: its warm and its cool half, and the parents of the chosen scale to be turned on it. */
	let { workbench, plate }: { workbench: Workbench; plate: ScalesPlate } = $props();

	const SIZE = 330;
	const MIDDLE = SIZE / 2;
	/** The box that gives a ring of hues with the arcs of the two halves, and their words, outside it. */
	const RING = { x: MIDDLE - 168, y: MIDDLE - 168, width: 336, height: 336 };
	const HUES = 24;
	const ARC = 136;
	const WORDS = 151;
	const DOTS = 50;
	const TIP = 64;

	let wheel = $state<Wheel>('painter');

	const sectors = ring(HUES, RING).steps;
	const colours = $derived(wheelColours(wheel, HUES));
	const warm = $derived(warmHalf(wheel));

	const at = (angle: number, radius: number): [number, number] => {
		const radians = (angle * Math.PI) / 180;
		return [MIDDLE + radius * Math.sin(radians), MIDDLE - radius * Math.cos(radians)];
	};
	const arc = (from: number, to: number): string => {
		const wide = turn(to - from) > 180 ? 1 : 0;
		return `M${at(from, ARC).join(' ')}A${ARC} ${ARC} 0 ${wide} 1 ${at(to, ARC).join(' ')}`;
	};
	const half = (from: number, to: number): number => from + turn(to - from) / 2;

	const parents = $derived.by(() => {
		const scale = scaleOn(workbench, plate);
		const { document } = workbench;
		if (!scale) return [];
		return usedParents(scale).map((source, index) => {
			const linear = fit(colourOf(textOf(source, document.linked))).linear;
			const angle = angleOn(wheel, linear);
			// Parents of nearly one hue stand at different depths, so that each can be taken hold of.
			return {
				index,
				linear,
				angle,
				hex: linearToHex(...linear),
				place: at(angle, DOTS - (index % 3) * 13),
				name: calledBy(source, document.linked)
			};
		});
	});

	let dragged: { index: number; linear: Triple; angle: number } | null = null;

	function hold(index: number) {
		const scale = scaleOn(workbench, plate);
		if (scale) workbench.hold({ kind: 'parent', scale: scale.id, index });
	}

	function turnTo(linear: Triple, degrees: number) {
		const turned = turnHue(linear, wheel, degrees);
		setHeldColour(workbench, linearToHex(...turned.linear), 'wheel');
	}

	function press(event: PointerEvent & { currentTarget: Element }, { index, linear, angle }: (typeof parents)[number]) {
		hold(index);
		dragged = { index, linear, angle };
		event.currentTarget.setPointerCapture(event.pointerId);
	}

	function drag(event: PointerEvent & { currentTarget: Element }) {
		if (!dragged) return;
		const { left, top, width } = event.currentTarget.closest('svg')!.getBoundingClientRect();
		const x = ((event.clientX - left) / width) * SIZE - MIDDLE;
		const y = ((event.clientY - top) / width) * SIZE - MIDDLE;
		turnTo(dragged.linear, (Math.atan2(x, -y) * 180) / Math.PI - dragged.angle);
	}

	function goByKey(event: KeyboardEvent, { index, linear }: (typeof parents)[number]) {
		const direction = { ArrowRight: 1, ArrowUp: 1, ArrowLeft: -1, ArrowDown: -1 }[event.key];
		if (direction === undefined) return;
		event.preventDefault();
		hold(index);
		turnTo(linear, direction * (event.shiftKey ? 15 : 3));
	}
</script>

<BesideButton
	role="dialog"
	label="Wheel"
	kind="start"
	hint="It stays open while parents are set: drag their dots round, or turn them by arrow keys."
>
	{#snippet button()}Wheel{/snippet}

	<div class="wheel">
		<SelectField
			label="Which wheel"
			choices={WHEELS}
			words={WHEEL_WORDS}
			value={wheel}
			onchoose={(choice) => (wheel = choice)}
		/>
		<svg viewBox="0 0 {SIZE} {SIZE}" role="group" aria-label="{WHEEL_WORDS[wheel]} with the parents of the scale">
			{#each sectors as { outline }, i (i)}
				{#if outline.kind === 'path'}<path d={outline.path} fill={seenHex(workbench.view, colours[i]!)} />{/if}
			{/each}
			<path d={arc(warm[0] + 3, warm[1] - 3)} class="half" />
			<path d={arc(warm[1] + 3, warm[0] - 3)} class="half cool" />
			{#each [{ words: 'warm', angle: half(warm[0], warm[1]) }, { words: 'cool', angle: half(warm[1], warm[0]) }] as { words, angle } (words)}
				{@const [x, y] = at(angle, WORDS)}
				<text {x} y={y + 4}>{words}</text>
			{/each}
			{#each parents as parent (parent.index)}
				{@const [x, y] = parent.place}
				{@const [tipX, tipY] = at(parent.angle, TIP)}
				<line x1={x} y1={y} x2={tipX} y2={tipY} />
				<circle
					cx={x}
					cy={y}
					r="9"
					fill={seenHex(workbench.view, parent.hex)}
					role="slider"
					tabindex="0"
					aria-label="Hue of parent {parent.index + 1}, {parent.name}"
					aria-valuemin={0}
					aria-valuemax={360}
					aria-valuenow={Math.round(parent.angle)}
					aria-valuetext="{Math.round(parent.angle)}°, {colourWords(parent.linear)}, {temperature(parent.linear)}"
					onpointerdown={(event) => press(event, parent)}
					onpointermove={drag}
					onpointerup={() => (dragged = null)}
					onpointercancel={() => (dragged = null)}
					onkeydown={(event) => goByKey(event, parent)}
				></circle>
			{/each}
		</svg>
		<p>
			{#each parents.slice(0, 4) as { index, name, linear } (index)}
				<span>{name}: {temperature(linear) === 'neutral' ? 'neither warm nor cool' : temperature(linear)}</span>
			{/each}
		</p>
	</div>
</BesideButton>

<style>
	.wheel {
		padding: 10px 14px;
		font-size: 12.5px;
	}
	svg {
		display: block;
		width: 100%;
		margin-top: 6px;
		touch-action: none;
	}
	.half {
		fill: none;
		stroke: var(--ink);
		stroke-width: 2;
	}
	.cool {
		stroke-dasharray: 2 5;
	}
	text {
		font: 500 13px var(--font-serif);
		text-anchor: middle;
		fill: var(--soft);
	}
	line {
		stroke: var(--ink);
		stroke-width: 1;
	}
	circle {
		cursor: grab;
	}
	circle:focus-visible {
		outline: 2px dashed var(--ink);
		outline-offset: 2px;
	}
	p {
		display: grid;
		gap: 1px;
		color: var(--soft);
	}
</style>
