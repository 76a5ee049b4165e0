<script lang="ts">
	import { PLATE_HEIGHT, PLATE_WIDTH } from '$lib/drawing/plate-size';
	import { percentOf } from '$lib/ui/percent-of';
	import { focusMixer } from '$lib/workbench/mixer/focus-mixer';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { wordsOfText } from '../describe';
	import { gradationSteps, withStopMoved } from '../gradation-of';
	import { decidePicture } from '../picture-edits';
	import { stepBoxes } from '../picture-layout';
	import { type PicturePlate } from '../schema';
	import { heldOn } from './held-place';

	/** The gradation: its steps to be held, and the stops of its inner places to be moved. */
	let { workbench, plate }: { workbench: Workbench; plate: PicturePlate } = $props();

	const steps = $derived(gradationSteps(plate));
	const boxes = $derived(stepBoxes(plate));
	const held = $derived(heldOn(workbench));
	const heldStep = $derived.by((): number => {
		if (held?.kind === 'step') return held.step;
		if (held?.kind !== 'place' || plate.along === 'line') return -1;
		const index = plate.places.findIndex(({ id }) => id === held.id);
		return steps.findIndex(({ place }) => place === index);
	});

	let group = $state<HTMLElement>();
	let drag: { place: number; from: number; gaps: PicturePlate['gaps'] } | null = null;

	function hold(i: number) {
		const place = steps[i]?.place ?? null;
		workbench.hold(place === null ? { kind: 'step', step: i } : { kind: 'place', id: plate.places[place]!.id });
	}

	function keyOnStep(event: KeyboardEvent, i: number) {
		const to = { ArrowRight: i + 1, ArrowLeft: i - 1, Home: 0, End: steps.length - 1 }[event.key];
		if (event.key === 'Enter') focusMixer();
		else if (to !== undefined) group?.querySelector<HTMLElement>(`[data-step="${to}"]`)?.focus();
		else return;
		event.preventDefault();
	}

	function setGaps(gaps: number[], place: number) {
		workbench.edit('Move a stop', decidePicture(plate.id, { gaps }), `stop ${plate.id} ${place}`);
	}

	function moveStop({ clientX }: PointerEvent) {
		if (!drag || !group) return;
		const width = group.getBoundingClientRect().width / steps.length;
		const by = Math.round((clientX - drag.from) / width);
		setGaps(withStopMoved({ ...plate, gaps: drag.gaps }, drag.place, by), drag.place);
	}

	function keyOnStop(event: KeyboardEvent, place: number) {
		const by = { ArrowRight: 1, ArrowLeft: -1 }[event.key];
		if (by === undefined) return;
		event.preventDefault();
		setGaps(withStopMoved(plate, place, by), place);
	}

	const STOP = { width: 26, height: 17 } as const;
	const stops = $derived(
		steps.flatMap(({ place }, step) =>
			place === null || place === 0 || place === plate.places.length - 1 ? [] : [{ place, step }]
		)
	);
	const middle = (step: number): number => boxes[step]!.x + boxes[step]!.width / 2;
	const bottom = $derived(boxes[0] ? boxes[0].y + boxes[0].height : 0);
</script>

<svelte:window onpointermove={moveStop} onpointerup={() => (drag = null)} onpointercancel={() => (drag = null)} />

{#if boxes.length > 0}
	<div
		class="steps"
		role="group"
		aria-label={plate.along === 'line' ? 'Along the line' : 'Gradation'}
		bind:this={group}
		style:left={percentOf(boxes[0]!.x, PLATE_WIDTH)}
		style:top={percentOf(boxes[0]!.y, PLATE_HEIGHT)}
		style:width={percentOf(boxes.length * boxes[0]!.width, PLATE_WIDTH)}
		style:height={percentOf(boxes[0]!.height, PLATE_HEIGHT)}
	>
		{#each steps as { hex, place }, i (i)}
			<button
				data-step={i}
				class:held={heldStep === i}
				tabindex={heldStep === i || (heldStep < 0 && i === 0) ? 0 : -1}
				aria-pressed={heldStep === i}
				aria-label="Step {i + 1} of {steps.length}{place === null ? '' : `, place ${place + 1}`}, {wordsOfText(hex)}"
				onclick={() => hold(i)}
				onfocus={() => hold(i)}
				onkeydown={(event) => keyOnStep(event, i)}
			></button>
		{/each}
	</div>
{/if}
{#each stops as { place, step } (place)}
	<button
		class="stop"
		role="slider"
		style:left={percentOf(middle(step) - STOP.width / 2, PLATE_WIDTH)}
		style:top={percentOf(bottom + 1, PLATE_HEIGHT)}
		style:width={percentOf(STOP.width, PLATE_WIDTH)}
		style:height={percentOf(STOP.height, PLATE_HEIGHT)}
		aria-label="Stop of place {place + 1}"
		aria-valuemin={1}
		aria-valuemax={steps.length}
		aria-valuenow={step + 1}
		aria-valuetext="step {step + 1} of {steps.length}"
		onpointerdown={(event) => (drag = { place, from: event.clientX, gaps: plate.gaps })}
		onkeydown={(event) => keyOnStop(event, place)}
	></button>
{/each}

<style>
	.steps {
		position: absolute;
		display: flex;
	}
	.steps button {
		flex: 1;
		min-width: 0;
		position: relative;
		cursor: pointer;
	}
	.held::after {
		content: '';
		position: absolute;
		inset: calc(100% + 1px) 0 auto;
		height: 2px;
		background: var(--ink);
	}
	.stop {
		position: absolute;
		cursor: ew-resize;
		touch-action: none;
	}
	button:focus-visible {
		z-index: 1;
		outline: 2px dashed var(--ink);
		outline-offset: 2px;
	}
</style>
