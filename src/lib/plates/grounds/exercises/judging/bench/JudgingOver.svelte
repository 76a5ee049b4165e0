<script lang="ts">
	import { PLATE_WIDTH } from '$lib/drawing/plate-size';
	import { type Box } from '$lib/drawing/box';
	import { drawPlate } from '$lib/plates/draw-plate';
	import { percentOf } from '$lib/ui/percent-of';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { groundExercises } from '../../../exercises';
	import { markBox } from '../../../ground-shapes';
	import { type GroundsPlate } from '../../../schema';
	import { JUDGED_BOXES, MARKS_Y } from '../draw-judging';
	import { judging } from '../judging';
	import { judgePair, reviewPair } from './judge-pair';

	/** The two colours themselves are the answers, and every mark leads back to its pair. */
	let { workbench, plate }: { workbench: Workbench; plate: GroundsPlate } = $props();

	const linked = $derived(workbench.document.linked);
	const made = $derived(groundExercises.on(judging, plate, linked)?.made);
	const height = $derived(drawPlate(plate, linked, 'full').height);
	const SIDES = ['left', 'right'] as const;
</script>

{#snippet button(box: Box, said: string, pressed: boolean | undefined, onclick: () => void)}
	<button
		aria-label={said}
		aria-pressed={pressed}
		style:left={percentOf(box.x, PLATE_WIDTH)}
		style:top={percentOf(box.y, height)}
		style:width={percentOf(box.width, PLATE_WIDTH)}
		style:height={percentOf(box.height, height)}
		{onclick}
	></button>
{/snippet}

{#if made?.pair && !made.review}
	{#each SIDES as side, i (side)}
		{@render button(JUDGED_BOXES[i]!, `The ${side} one is lighter`, undefined, () =>
			judgePair(workbench, plate, i as 0 | 1)
		)}
	{/each}
{/if}
{#each made?.right ?? [] as was, round (round)}
	{@render button(
		markBox(round, MARKS_Y),
		`Pair ${round + 1}, ${was ? 'right' : 'missed'}: look again`,
		made?.review?.round === round,
		() => reviewPair(workbench, plate, round)
	)}
{/each}

<style>
	button {
		position: absolute;
		padding: 0;
		cursor: pointer;
	}
	button:focus-visible {
		outline: 2px dashed var(--ink);
		outline-offset: 3px;
	}
	button[aria-pressed='true'] {
		outline: 2px solid var(--ink);
		outline-offset: 2px;
	}
</style>
