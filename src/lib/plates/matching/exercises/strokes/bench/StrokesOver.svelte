<script lang="ts">
	import { FIELDS } from '$lib/core/matching/strokes';
	import { PLATE_HEIGHT, PLATE_WIDTH } from '$lib/drawing/plate-size';
	import { notices } from '$lib/ui/notices.svelte';
	import { percentOf } from '$lib/ui/percent-of';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { decide } from '../../../bench/decide';
	import { matchingExercises } from '../../../exercises';
	import { type MatchingPlate } from '../../../schema';
	import { fieldBox, MOST_STROKES, strokes } from '../strokes';
	import { brushOf } from './brush.svelte';

	/** The strip to be painted on: dragged along, or by arrow keys with Enter; Alt or P picks up. */
	let { workbench, plate }: { workbench: Workbench; plate: MatchingPlate } = $props();

	const brush = $derived(brushOf(workbench));
	const settings = $derived(matchingExercises.on(strokes, plate, workbench.document.linked)?.settings ?? null);
	const box = fieldBox(0);
	let strip = $state<HTMLElement>();
	/** Where the keys are, and from where on a stroke would go. */
	let at = $state(0);
	let from = $state(0);
	let drag = $state.raw<{ from: number; to: number } | null>(null);
	const range = $derived(drag ?? { from, to: at });

	const fieldOf = ({ clientX }: PointerEvent): number => {
		const { left, width } = strip!.getBoundingClientRect();
		return Math.max(0, Math.min(FIELDS - 1, Math.floor((FIELDS * (clientX - left)) / width)));
	};

	function lay(one: number, other: number) {
		if ((settings?.strokes.length ?? 0) >= MOST_STROKES)
			return notices.say(`A strip takes ${MOST_STROKES} strokes; take some back first.`);
		const stroke = {
			from: Math.min(one, other),
			to: Math.max(one, other),
			strength: brush.strength,
			brush: brush.holds
		};
		decide(workbench, plate, strokes, 'Lay a stroke', (latest) => ({
			...latest,
			strokes: [...latest.strokes, stroke]
		}));
	}

	function begin(event: PointerEvent) {
		if (event.button !== 0 || !strip) return;
		const field = fieldOf(event);
		if (event.altKey) {
			brush.holds = { field };
			return;
		}
		drag = { from: field, to: field };
	}
	function end() {
		if (drag) {
			lay(drag.from, drag.to);
			[from, at] = [drag.to, drag.to];
		}
		drag = null;
	}

	const STEPS: Readonly<Record<string, number>> = { ArrowLeft: -1, ArrowRight: 1, Home: -FIELDS, End: FIELDS };
	function byKey(event: KeyboardEvent) {
		if (event.ctrlKey || event.metaKey) return;
		const step = STEPS[event.key];
		if (event.key === 'Enter' || event.key === ' ') lay(from, at);
		else if (event.key.toLowerCase() === 'p') brush.holds = { field: at };
		else if (step === undefined) return;
		else {
			at = Math.max(0, Math.min(FIELDS - 1, at + step));
			if (!event.shiftKey) from = at;
		}
		event.preventDefault();
	}
</script>

<svelte:window
	onpointermove={(event) => drag && (drag = { ...drag, to: fieldOf(event) })}
	onpointerup={end}
	onpointercancel={() => (drag = null)}
/>

{#if settings?.stage === 'eye'}
	<button
		class="strip"
		bind:this={strip}
		aria-label="Strip of {FIELDS} fields, at field {at + 1}{from === at
			? ''
			: `, from field ${from + 1}`}: Enter lays a stroke, Shift with arrow keys makes it longer, P picks up"
		style:left={percentOf(box.x, PLATE_WIDTH)}
		style:top={percentOf(box.y, PLATE_HEIGHT)}
		style:width={percentOf(FIELDS * box.width, PLATE_WIDTH)}
		style:height={percentOf(box.height, PLATE_HEIGHT)}
		style:--from="{(100 * Math.min(range.from, range.to)) / FIELDS}%"
		style:--wide="{(100 * (Math.abs(range.to - range.from) + 1)) / FIELDS}%"
		onpointerdown={begin}
		onkeydown={byKey}
	>
		<i class:drag></i>
	</button>
{/if}

<style>
	.strip {
		position: absolute;
		cursor: crosshair;
		touch-action: none;
	}
	/* Where a stroke would go: bars over and under it, nothing on the colours. */
	i {
		position: absolute;
		top: -7px;
		bottom: -7px;
		left: var(--from);
		width: var(--wide);
		border: solid #1c1c1c;
		border-width: 3px 0;
		opacity: 0;
		pointer-events: none;
	}
	i.drag,
	.strip:focus-visible i {
		opacity: 1;
	}
</style>
