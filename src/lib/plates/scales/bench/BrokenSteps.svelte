<script lang="ts">
	import { PLATE_WIDTH } from '$lib/drawing/plate-size';
	import { type LinkedColour } from '$lib/model/linked';
	import { percentOf } from '$lib/ui/percent-of';
	import { judgeScales } from '../judge';
	import { type ScalesLayout } from '../layout';
	import { type ScalesPlate } from '../schema';

	interface Props {
		plate: ScalesPlate;
		linked: readonly LinkedColour[];
		layout: ScalesLayout;
	}

	/** The steps that break a check of the plate, each pointed out once. */
	let { plate, linked, layout }: Props = $props();

	const broken = $derived.by(() => {
		const found = judgeScales(plate, linked).flatMap(({ scale, step }) =>
			scale && step !== null ? [{ row: plate.scales.indexOf(scale), step: step - 1 }] : []
		);
		return found.filter(
			({ row, step }, i) => i === found.findIndex((other) => other.row === row && other.step === step)
		);
	});
</script>

{#each broken as { row, step } (`${row} ${step}`)}
	{@const { box, mark } = layout.rows[row]!.steps[step]!}
	{@const beside = layout.rows[row]!.column}
	<span
		class="broken"
		title="A check points here"
		style:left={percentOf(beside ? mark.x - 12 : box.x + box.width / 2, PLATE_WIDTH)}
		style:top={percentOf(beside ? mark.y + 1 : box.y - 8, layout.height)}
		aria-hidden="true">!</span
	>
{/each}

<style>
	.broken {
		position: absolute;
		width: 13px;
		margin: -7px 0 0 -7px;
		background: var(--ink);
		color: var(--paper);
		font: 700 11px/14px var(--font-sans);
		text-align: center;
		pointer-events: none;
		z-index: 2;
	}
</style>
