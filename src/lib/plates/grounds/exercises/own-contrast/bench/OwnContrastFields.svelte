<script lang="ts">
	import { CONTRAST_ROUNDS } from '$lib/core/matching/own-contrast';
	import { textOf } from '$lib/model/resolve';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { decideOn } from '../../../bench/decide';
	import { measures } from '../../../bench/measures.svelte';
	import { groundExercises } from '../../../exercises';
	import { setExercise } from '../../../grounds-edits';
	import { type GroundsPlace } from '../../../places';
	import { type GroundsPlate } from '../../../schema';
	import { nextSeries } from '../../../series';
	import { ownContrast } from '../own-contrast';

	/** The series of matches: each is ended by saying that both look alike; at the end it can be kept. */
	let { workbench, plate }: { workbench: Workbench; plate: GroundsPlate } = $props();

	const at = $derived(groundExercises.on(ownContrast, plate, workbench.document.linked));
	/** A measure that was deleted can be kept again. */
	const kept = $derived.by(() => {
		const id = at?.settings.kept?.id;
		return id !== undefined && (!measures.loaded || measures.list.some((measure) => measure.id === id));
	});

	function alike() {
		if (!at?.made.now) return;
		const { twin } = at.settings;
		const text = twin ? textOf(twin, workbench.document.linked) : at.made.now.twin.hex;
		workbench.edit(
			'Set a match',
			setExercise(plate.id, ownContrast, (series) => ({ ...series, twins: [...series.twins, text], twin: null }))
		);
		workbench.hold({ what: 'twin', index: 0 } satisfies GroundsPlace);
	}

	const again = () =>
		workbench.edit(
			'Begin a new series',
			setExercise(plate.id, ownContrast, (latest) => ({
				...latest,
				series: nextSeries(latest.series),
				twins: [],
				twin: null,
				kept: null
			}))
		);

	function keep() {
		if (!at?.made.result) return;
		const { id, made } = measures.keep(at.made.result);
		decideOn(ownContrast, workbench, plate, 'Keep the measure', { kept: { id, made } });
	}
</script>

{#if at}
	<div class="sentence" role="group" aria-label="Matches">
		{#if at.made.now}
			<button class="act main" onclick={alike}>They look alike</button>
		{:else}
			<button class="act main" disabled={kept || at.made.result?.verdict !== 'agrees'} onclick={keep}
				>Keep the measure</button
			>
		{/if}
		<button class="act" disabled={at.settings.twins.length === 0} onclick={again}>Begin a new series</button>
		<span role="status">
			{at.made.now
				? `Match ${at.settings.twins.length + 1} of ${CONTRAST_ROUNDS}`
				: kept
					? 'The measure is kept.'
					: at.made.result?.verdict === 'agrees'
						? 'All matches are made.'
						: 'This series tells nothing; it is not kept.'}
		</span>
	</div>
{/if}
