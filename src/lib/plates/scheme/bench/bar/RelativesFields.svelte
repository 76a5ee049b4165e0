<script lang="ts">
	import CheckField from '$lib/ui/CheckField.svelte';
	import { type SchemePlate } from '../../schema';
	import { DIRECTIONS, MOST_RELATIVES, RELATIVE_SIZES } from '$lib/core/scheme/relatives';
	import { decideScheme } from '../../scheme-edits';
	import { crossesOf, relativesOfScheme } from '../../scheme-of';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { chooseRelatives } from '../chosen-relatives';
	import NumberField from '$lib/ui/NumberField.svelte';

	/** Whether relatives are shown, how many, and how far each is from the one before. */
	let { workbench, plate }: { workbench: Workbench; plate: SchemePlate } = $props();

	const { shown, steps, size, chosen } = $derived(plate.relatives);

	function decide(label: string, change: Partial<SchemePlate['relatives']>) {
		workbench.edit(label, decideScheme(plate.id, { relatives: { ...plate.relatives, ...change } }));
	}

	/** All that are drawn. */
	function chooseAll() {
		const codes = relativesOfScheme(plate, workbench.document.linked);
		const cells = crossesOf(plate).flatMap((member) =>
			DIRECTIONS.flatMap((direction) => codes[member]![direction].map((_, i) => ({ member, direction, step: i + 1 })))
		);
		chooseRelatives(workbench, plate, cells);
	}
</script>

<div class="sentence" role="group" aria-label="Relatives">
	<CheckField words="relatives" checked={shown} onset={(checked) => decide('Show relatives', { shown: checked })} />
	{#if shown}
		<NumberField
			label="Relatives each way"
			value={steps}
			least={1}
			most={MOST_RELATIVES}
			onset={(each) => decide('Change the number of relatives', { steps: each })}
		/>
		<span>each way, every step</span>
		<NumberField
			label="ΔE00 from one relative to the next"
			value={size}
			least={RELATIVE_SIZES.least}
			most={RELATIVE_SIZES.most}
			onset={(each) => decide('Set how far relatives go', { size: each })}
		/>
		<span>ΔE00</span>
		{#if chosen.length === 0}<button class="act" onclick={chooseAll}>Choose all</button>{/if}
	{/if}
</div>
