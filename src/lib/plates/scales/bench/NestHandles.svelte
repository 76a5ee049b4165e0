<script lang="ts">
	import { PLATE_WIDTH } from '$lib/drawing/plate-size';
	import { percentOf } from '$lib/ui/percent-of';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { NESTED_FORMS } from '../forms/forms';
	import { usualNest } from '../forms/nested';
	import { type RowPlace } from '../layout';
	import { NEST_ENDS, nestLimits, PLAIN_LOOK, type NestEnd } from '../look';
	import { decideScale } from '../scale-edits';
	import { type ScaleDecision } from '../scale';
	import { type ScalesPlate } from '../schema';

	interface Props {
		workbench: Workbench;
		plate: ScalesPlate;
		decision: ScaleDecision;
		place: RowPlace;
		height: number;
	}

	/** The sizes of the largest and the smallest of figures in each other, dragged at their upper edges or set by arrow keys. */
	let { workbench, plate, decision, place, height }: Props = $props();

	const look = $derived(decision.look ?? PLAIN_LOOK);
	const nest = $derived(look.nest ?? usualNest(place.steps.length));
	const boxes = $derived(place.steps.map(({ box }) => box).sort((one, other) => other.width - one.width));
	/** The size of a figure that takes all the room. */
	const room = $derived(boxes[0]!.width / nest.most);

	let dragged = $state<NestEnd | null>(null);

	function set(key: NestEnd, size: number) {
		const [from, to] = nestLimits(nest, key);
		const change = { ...nest, [key]: Math.max(from, Math.min(to, size)) };
		const edit = decideScale(plate.id, decision.id, { look: { ...look, nest: change } });
		workbench.edit('Set the size of figures', edit, `nest ${decision.id} ${key}`);
	}

	function drag(event: PointerEvent & { currentTarget: HTMLElement }) {
		if (!dragged) return;
		const { top, height: high } = event.currentTarget.closest('.lay')!.getBoundingClientRect();
		const y = ((event.clientY - top) / high) * height;
		set(dragged, (2 * (boxes[0]!.y + boxes[0]!.height / 2 - y)) / room);
	}

	function goByKey(event: KeyboardEvent, key: NestEnd) {
		const by = { ArrowUp: 0.01, ArrowRight: 0.01, ArrowDown: -0.01, ArrowLeft: -0.01 }[event.key];
		if (by === undefined) return;
		event.preventDefault();
		set(key, nest[key] + by * (event.shiftKey ? 5 : 1));
	}
</script>

{#if NESTED_FORMS.has(look.form)}
	{#each NEST_ENDS as { key, name } (key)}
		{@const box = key === 'most' ? boxes[0]! : boxes.at(-1)!}
		<button
			role="slider"
			aria-label={name}
			aria-valuemin={2}
			aria-valuemax={100}
			aria-valuenow={Math.round(100 * nest[key])}
			aria-valuetext="{Math.round(100 * nest[key])} % of the room"
			title="{name}: drag, or use the arrow keys"
			style:left={percentOf(box.x + box.width / 2, PLATE_WIDTH)}
			style:top={percentOf(box.y, height)}
			onpointerdown={(event) => {
				dragged = key;
				event.currentTarget.setPointerCapture(event.pointerId);
			}}
			onpointermove={drag}
			onpointerup={() => (dragged = null)}
			onpointercancel={() => (dragged = null)}
			onkeydown={(event) => goByKey(event, key)}
		></button>
	{/each}
{/if}

<style>
	button {
		position: absolute;
		width: 22px;
		height: 12px;
		margin: -6px 0 0 -11px;
		cursor: ns-resize;
		touch-action: none;
		z-index: 1;
	}
	/* Seen where one points: figures are looked at without anything on them. */
	button::before {
		content: '';
		position: absolute;
		inset: 4px 3px;
		background: var(--ink);
		outline: 1px solid var(--paper);
		opacity: 0;
	}
	button:hover::before,
	button:focus-visible::before {
		opacity: 1;
	}
	button:focus-visible {
		outline: 2px dashed var(--ink);
	}
</style>
