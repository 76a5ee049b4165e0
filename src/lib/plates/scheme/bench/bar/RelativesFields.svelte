<script lang="ts">
	import CheckField from '$lib/ui/CheckField.svelte';
	import { MOST_RELATIVES, type SchemePlate } from '../../schema';
	import { DIRECTIONS } from '$lib/core/scheme/relatives';
	import { type RelativeCell } from '../../scheme-layout';
	import { decideScheme } from '../../scheme-edits';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { chooseRelatives, chosenRelatives } from '../scheme-state.svelte';
	import NumberField from '$lib/ui/NumberField.svelte';

	/** Whether relatives are shown, how many and how far. */
	let { workbench, plate }: { workbench: Workbench; plate: SchemePlate } = $props();

	const chosen = $derived(chosenRelatives(plate).length);

	function decide(label: string, change: Partial<SchemePlate['relatives']>, gesture: string | null = null) {
		const relatives = { ...plate.relatives, ...change };
		workbench.edit(label, decideScheme(plate.id, { relatives }), gesture);
	}

	function chooseAll() {
		const { steps } = plate.relatives;
		const cells = Array.from({ length: plate.others.length + 1 }, (_, member) =>
			DIRECTIONS.flatMap((direction) =>
				Array.from({ length: steps }, (__, i): RelativeCell => ({ member, direction, step: i + 1 }))
			)
		);
		chooseRelatives(plate, cells.flat());
	}
</script>

<div class="sentence" role="group" aria-label="Relatives">
	<CheckField
		words="relatives"
		checked={plate.relatives.shown}
		onset={(checked) => decide('Show relatives', { shown: checked })}
	/>
	{#if plate.relatives.shown}
		<NumberField
			label="Relatives a side"
			value={plate.relatives.steps}
			least={1}
			most={MOST_RELATIVES}
			onset={(steps) => decide('Change the number of relatives', { steps })}
		/>
		<label>
			a side, to
			<input
				type="range"
				min="0"
				max="100"
				step="1"
				value={plate.relatives.amount}
				aria-label="How far the relatives go"
				aria-valuetext="{plate.relatives.amount} %"
				oninput={(event) =>
					decide('Set how far relatives go', { amount: Number(event.currentTarget.value) }, `amount ${plate.id}`)}
			/>
			{plate.relatives.amount} %
		</label>
		{#if chosen === 0}<button class="act" onclick={chooseAll}>Choose all</button>{/if}
	{/if}
</div>
