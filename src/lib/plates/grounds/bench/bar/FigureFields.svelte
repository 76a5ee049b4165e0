<script lang="ts">
	import { USUAL_GROUND } from '../../grounds-layout';
	import { GROUND_FORMS, LARGEST_GROUND } from '../../common';
	import { groundExercises } from '../../exercises';
	import { type GroundsPlate } from '../../schema';
	import { FIGURE_FORMS, FIGURE_WORDS } from '$lib/drawing/figure';
	import RangeField from '$lib/ui/RangeField.svelte';
	import SelectField from '$lib/ui/SelectField.svelte';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { decide } from '../decide';
	import { GROUND_FORM_WORDS } from '../ground-words';

	/** Form and size of the figures and of the grounds, as far as the exercise asks for them. */
	let { workbench, plate }: { workbench: Workbench; plate: GroundsPlate } = $props();

	const fields = $derived(groundExercises.of(plate).fields);
</script>

<div class="sentence" role="group" aria-label="Figures and grounds">
	{#if fields.includes('figures')}
		<SelectField
			label="Form of the figures"
			choices={FIGURE_FORMS}
			words={FIGURE_WORDS}
			value={plate.form}
			onchoose={(form) => decide(workbench, plate, 'Change the form', { form })}
		/>
		<RangeField
			label="Size of the figures"
			before="size"
			value={plate.size}
			least={0.08}
			most={0.8}
			step={0.01}
			said="{Math.round(plate.size * 100)} % of the ground"
			onset={(size) => decide(workbench, plate, 'Change the size', { size }, 'size')}
		/>
	{/if}
	{#if fields.includes('grounds')}
		<span>on</span>
		<SelectField
			label="Form of the grounds"
			choices={GROUND_FORMS}
			words={GROUND_FORM_WORDS}
			value={plate.groundForm ?? 'fields'}
			onchoose={(groundForm) => decide(workbench, plate, 'Change the form of the grounds', { groundForm })}
		/>
		{#if (plate.groundForm ?? 'fields') !== 'fields'}
			<RangeField
				label="Size of the grounds"
				before="size"
				value={plate.groundSize ?? USUAL_GROUND}
				least={0.3}
				most={LARGEST_GROUND}
				step={0.01}
				said="{Math.round((plate.groundSize ?? USUAL_GROUND) * 100)} % of the height"
				onset={(groundSize) =>
					decide(workbench, plate, 'Change the size of the grounds', { groundSize }, 'ground size')}
			/>
		{/if}
	{/if}
</div>
