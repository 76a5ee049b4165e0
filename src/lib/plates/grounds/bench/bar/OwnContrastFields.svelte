<script lang="ts">
	import { CONTRAST_ROUNDS } from '$lib/core/matching/own-contrast';
	import { textOf } from '$lib/model/resolve';
	import { groundsOf } from '../../grounds-of';
	import { type GroundsPlace } from '../../places';
	import { type GroundsPlate } from '../../schema';
	import { setContrast } from '../../grounds-edits';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { measures } from '../measures.svelte';

	/** The series of matches: each is ended by saying that both look alike; at the end it can be kept. */
	let { workbench, plate }: { workbench: Workbench; plate: GroundsPlate } = $props();

	const made = $derived(groundsOf(plate, workbench.document.linked).contrast);
	let keeping = $state(false);
	/** A measure that was deleted can be kept again. */
	const kept = $derived.by(() => {
		const id = made?.series.kept?.id;
		return id !== undefined && (!measures.loaded || measures.list.some((measure) => measure.id === id));
	});

	function alike() {
		if (!made?.now) return;
		const { twin, now } = { twin: made.series.twin, now: made.now };
		const text = twin ? textOf(twin, workbench.document.linked) : now.twin.hex;
		workbench.edit(
			'Set a match',
			setContrast(plate.id, (series) => ({ ...series, twins: [...series.twins, text], twin: null }))
		);
		workbench.hold({ what: 'twin', index: 0 } satisfies GroundsPlace);
	}

	const again = () =>
		workbench.edit(
			'Begin a new series',
			setContrast(plate.id, ({ series }) => ({ series: (series + 1) % 1_000_000, twins: [], twin: null, kept: null }))
		);

	async function keep() {
		if (!made || keeping) return;
		keeping = true;
		const measure = await measures.keep(made.matches);
		keeping = false;
		if (measure)
			workbench.edit(
				'Keep the measure',
				setContrast(plate.id, (series) => ({ ...series, kept: { id: measure.id, made: measure.made } }))
			);
	}
</script>

{#if made}
	<div class="sentence" role="group" aria-label="Matches">
		{#if made.now}
			<button class="act main" onclick={alike}>They look alike</button>
		{:else}
			<button class="act main" disabled={keeping || kept} onclick={keep}>Keep the measure</button>
		{/if}
		<button class="act" disabled={made.series.twins.length === 0} onclick={again}>Begin a new series</button>
		<span role="status">
			{made.now
				? `Match ${made.series.twins.length + 1} of ${CONTRAST_ROUNDS}`
				: kept
					? 'The measure is kept.'
					: 'All matches are made.'}
		</span>
	</div>
{/if}
