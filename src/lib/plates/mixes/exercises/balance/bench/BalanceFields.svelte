<script lang="ts">
	import SelectField from '$lib/ui/SelectField.svelte';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { decideOn } from '../../../bench/decide';
	import { mixExercises } from '../../../exercises';
	import { setParts } from '../../../mixes-edits';
	import { type MixesPlate } from '../../../schema';
	import { balance } from '../balance';
	import { BALANCE_FORMS } from '../schema';

	/** How the areas are laid out; sets them in balance. */
	let { workbench, plate }: { workbench: Workbench; plate: MixesPlate } = $props();

	const WORDS = { bars: 'bars', blanket: 'a blanket' } as const;
	const { laid } = $derived(mixExercises.settingsOf(balance, plate));

	/** As parts of ten for each parent. */
	function setInBalance() {
		const shares = mixExercises.on(balance, plate, workbench.document.linked)?.made.shares ?? [];
		const parts = shares.map((share) => Math.round(share * shares.length * 100) / 10);
		workbench.edit('Set the areas in balance', setParts(plate.id, 0, parts));
	}
</script>

<div class="sentence" role="group" aria-label="Balance">
	<span>as</span>
	<SelectField
		label="What the areas are"
		choices={BALANCE_FORMS}
		words={WORDS}
		value={laid}
		onchoose={(form) => decideOn(balance, workbench, plate, 'Lay the areas out', { laid: form })}
	/>
	<button class="act" onclick={setInBalance}>Set them in balance</button>
</div>
