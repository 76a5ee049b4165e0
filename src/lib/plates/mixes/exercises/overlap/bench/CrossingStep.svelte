<script lang="ts">
	import { colourWords } from '$lib/core/colour/hue-words';
	import { scalesIn } from '$lib/plates/kinds';
	import { type MixesPlace } from '../../../places';
	import { numberHeld } from '../../../bench/held';
	import { nameOfScale } from '$lib/plates/scales/draw-scales';
	import { parentsOf } from '../../../parents';
	import { stepsBetween } from '../../../steps-between';
	import { scaleOf } from '$lib/plates/scales/scale-of';
	import { seenHex } from '$lib/drawing/view';
	import { type MixesPlate } from '../../../schema';
	import { placeUnder } from '$lib/ui/place-under';
	import { setExercise } from '../../../mixes-edits';
	import { crossingSet, overlap } from '../overlap';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';

	/** A crossing taken from a step of a scale: of even steps between its two figures, or of any scale of the study. */
	let { workbench, plate }: { workbench: Workbench; plate: MixesPlate } = $props();

	const EVEN = 7;
	const id = $props.id();
	let open = $state(false);
	let button = $state<HTMLButtonElement>();
	let list = $state<HTMLElement>();

	const linked = $derived(workbench.document.linked);
	/** The crossing that is held, or the first. */
	const crossing = $derived(numberHeld(workbench, 'crossing') ?? 0);

	function evenSteps() {
		const parents = parentsOf(plate, linked);
		const steps = stepsBetween(parents[crossing]!, parents[crossing + 1]!, EVEN);
		return { name: `Even steps between figures ${crossing + 1} and ${crossing + 2}`, steps };
	}

	const scales = $derived(
		open
			? [
					evenSteps(),
					...scalesIn(workbench.document.plates).map(({ scale }) => ({
						name: nameOfScale(scale, linked),
						steps: scaleOf(scale, linked).steps
					}))
				]
			: []
	);

	function opened(event: ToggleEvent) {
		open = event.newState === 'open';
		if (!open) return;
		requestAnimationFrame(() => {
			if (button && list) placeUnder(button, list);
			list?.querySelector<HTMLElement>('button')?.focus();
		});
	}

	function take(text: string) {
		workbench.edit('Take a crossing from a scale', setExercise(plate.id, overlap, crossingSet(crossing, { text })));
		workbench.hold({ what: 'crossing', key: String(crossing) } satisfies MixesPlace);
	}

	const STEPS: Readonly<Record<string, number>> = { ArrowLeft: -1, ArrowRight: 1 };

	/** Left and right go through the steps; Tab goes through them too, Escape closes. */
	function goByKey(event: KeyboardEvent) {
		const by = STEPS[event.key];
		if (by === undefined || !list) return;
		const all = [...list.querySelectorAll<HTMLElement>('button')];
		const at = all.findIndex((each) => each === document.activeElement);
		if (at < 0) return;
		event.preventDefault();
		all[(at + by + all.length) % all.length]?.focus();
	}
</script>

<button class="act" bind:this={button} popovertarget={id} aria-expanded={open}>Take a step of a scale</button>
<div class="panel" {id} popover bind:this={list} ontoggle={opened} role="group" aria-label="Steps of scales">
	{#each scales as { name, steps }, s (s)}
		<p>{name}</p>
		<div class="steps" role="group" aria-label={name}>
			{#each steps as { hex, linear }, i (i)}
				<button
					aria-label="Step {i + 1}, {colourWords(linear)}, {hex}"
					title={hex}
					style:background={seenHex(workbench.view, hex)}
					onclick={() => take(hex)}
					onkeydown={goByKey}
				></button>
			{/each}
		</div>
	{/each}
</div>

<style>
	.panel {
		position: fixed;
		inset: auto;
		width: 420px;
		max-width: calc(100vw - 16px);
		max-height: min(420px, calc(100vh - 16px));
		margin: 0;
		padding: 10px 14px 14px;
		overflow-y: auto;
		border: 1px solid var(--edge);
		background: var(--panel-low);
		color: var(--ink);
	}
	p {
		margin: 8px 0 3px;
		font-size: 12px;
	}
	p:first-child {
		margin-top: 0;
	}
	.steps {
		display: flex;
		height: 30px;
	}
	.steps button {
		flex: 1;
		cursor: pointer;
	}
	.steps button:focus-visible {
		z-index: 1;
		outline: 2px dashed var(--ink);
		outline-offset: 2px;
	}
</style>
