<script lang="ts">
	import { FIGURE_FORMS, FIGURE_WORDS } from '$lib/drawing/figure';
	import RangeField from '$lib/ui/RangeField.svelte';
	import SelectField from '$lib/ui/SelectField.svelte';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { decideOn } from '../../../bench/decide';
	import { numberHeld } from '../../../bench/held';
	import { sayLean } from '../../../bench/say-lean';
	import { mixExercises } from '../../../exercises';
	import { setExercise } from '../../../mixes-edits';
	import { type MixesPlate } from '../../../schema';
	import { crossingSet, overlap } from '../overlap';
	import CrossingStep from './CrossingStep.svelte';

	/** The figures, which of them is in front, and crossings set by hand. */
	let { workbench, plate }: { workbench: Workbench; plate: MixesPlate } = $props();

	const settings = $derived(mixExercises.settingsOf(overlap, plate));
	const byHand = $derived.by((): number | null => {
		const crossing = numberHeld(workbench, 'crossing');
		return crossing !== null && settings.crossings[crossing] ? crossing : null;
	});

	const follow = (crossing: number) =>
		workbench.edit('Let a crossing follow', setExercise(plate.id, overlap, crossingSet(crossing, null)));
</script>

<div class="sentence" role="group" aria-label="Overlaps">
	<SelectField
		label="Figures"
		choices={FIGURE_FORMS}
		words={FIGURE_WORDS}
		value={settings.form}
		onchoose={(form) => decideOn(overlap, workbench, plate, 'Change the figures', { form })}
	/>
	<RangeField
		label="Which figure is in front"
		before="first in front"
		after="second in front"
		value={settings.front}
		least={-1}
		most={1}
		step={0.02}
		said={sayLean(settings.front, 'level', 'the')}
		onset={(front) => decideOn(overlap, workbench, plate, 'Move a figure to the front', { front }, 'front')}
	/>
	<CrossingStep {workbench} {plate} />
	{#if byHand !== null}
		<button class="act" onclick={() => follow(byHand)}>Let it follow the slider</button>
	{/if}
</div>
