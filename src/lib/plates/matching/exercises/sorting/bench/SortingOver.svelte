<script lang="ts">
	import { tick } from 'svelte';
	import { CHIPS } from '$lib/core/matching/sorting';
	import { PLATE_HEIGHT, PLATE_WIDTH } from '$lib/drawing/plate-size';
	import { percentOf } from '$lib/ui/percent-of';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { decide } from '../../../bench/decide';
	import { matchingExercises } from '../../../exercises';
	import { type MatchingPlate } from '../../../schema';
	import { chipAt, sorting, withMoved } from '../sorting';

	/** The chips to be moved: dragged, or taken up with Enter and moved by arrow keys. */
	let { workbench, plate }: { workbench: Workbench; plate: MatchingPlate } = $props();

	const settings = $derived(matchingExercises.on(sorting, plate, workbench.document.linked)?.settings ?? null);
	const sorts = $derived(settings?.stage === 'eye');
	const row = chipAt(0);

	let group = $state<HTMLElement>();
	/** The place of the chip that the keys are on, and whether it is taken up. */
	let at = $state(1);
	let taken = $state(false);
	let dragged: number | null = null;

	function move(from: number, to: number, what: string | null = null): number {
		const place = Math.max(1, Math.min(CHIPS - 2, to));
		if (from !== place)
			decide(
				workbench,
				plate,
				sorting,
				'Move a chip',
				(latest) => ({ ...latest, order: withMoved(latest.order, from, place) }),
				what
			);
		return place;
	}

	function begin(event: PointerEvent, place: number) {
		if (event.button !== 0 || place < 1 || place > CHIPS - 2) return;
		at = place;
		dragged = place;
	}

	function follow({ clientX }: PointerEvent) {
		const bounds = group?.getBoundingClientRect();
		if (dragged === null || !bounds) return;
		const place = Math.floor((CHIPS * (clientX - bounds.left)) / bounds.width);
		at = dragged = move(dragged, place, 'drag a chip');
	}

	const STEPS: Readonly<Record<string, number>> = { ArrowLeft: -1, ArrowRight: 1, Home: -CHIPS, End: CHIPS };

	async function byKey(event: KeyboardEvent) {
		if (event.ctrlKey || event.metaKey || event.altKey) return;
		const step = STEPS[event.key];
		const takes = event.key === 'Enter' || event.key === ' ';
		if (!takes && event.key !== 'Escape' && step === undefined) return;
		event.preventDefault();
		if (takes) taken = !taken;
		else if (step === undefined) taken = false;
		else if (taken) at = move(at, at + step);
		else at = Math.max(1, Math.min(CHIPS - 2, at + step));
		// The chip that was moved stands elsewhere then, and takes the focus with it.
		const place = at;
		await tick();
		at = place;
		group?.querySelectorAll<HTMLElement>('button')[at]?.focus();
	}
</script>

<svelte:window onpointermove={follow} onpointerup={() => (dragged = null)} onpointercancel={() => (dragged = null)} />

{#if settings && sorts}
	<div
		class="row"
		role="group"
		aria-label="Chips to be sorted"
		bind:this={group}
		style:left={percentOf(row.x, PLATE_WIDTH)}
		style:top={percentOf(row.y, PLATE_HEIGHT)}
		style:width={percentOf(CHIPS * row.width, PLATE_WIDTH)}
		style:height={percentOf(row.height, PLATE_HEIGHT)}
	>
		{#each settings.order as chip, place (chip)}
			{@const end = place === 0 || place === CHIPS - 1}
			<button
				class:taken={taken && place === at}
				disabled={end}
				tabindex={place === at ? 0 : -1}
				aria-pressed={taken && place === at}
				aria-label="Place {place + 1} of {CHIPS}{end
					? ', lies right'
					: taken && place === at
						? ', taken up: arrow keys move it'
						: ''}"
				onpointerdown={(event) => begin(event, place)}
				onfocus={() => (at = place)}
				onkeydown={byKey}
			></button>
		{/each}
	</div>
{/if}

<style>
	.row {
		position: absolute;
		display: flex;
	}
	button {
		flex: 1;
		cursor: grab;
		touch-action: none;
	}
	button:disabled {
		cursor: default;
	}
	/* What is taken up stands out by a bar over it and under it: never by a line around a colour. */
	button.taken {
		box-shadow:
			0 -5px 0 0 #fff,
			0 -8px 0 0 #1c1c1c,
			0 5px 0 0 #fff,
			0 8px 0 0 #1c1c1c;
	}
	button:focus-visible {
		outline: 2px dashed #1c1c1c;
		outline-offset: 6px;
	}
</style>
