<script lang="ts">
	import { onMount } from 'svelte';
	import { MOST_STRENGTH, type Strengths } from '$lib/core/ground/on-ground';
	import { inHundredths, sayStrength, sayStrengths } from '../../say-strengths';
	import { sayDay } from '$lib/drawing/say-day';
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
	import { measures } from '../measures.svelte';

	/** Form and size of the figures and of the grounds, and how strongly a ground works in the model, as far as the exercise asks for them. */
	let { workbench, plate }: { workbench: Workbench; plate: GroundsPlate } = $props();

	const fields = $derived(groundExercises.of(plate).fields);
	const own = $derived(measures.list[0]);
	const ownStrengths = $derived(own && inHundredths(own.strengths));
	const isMine = $derived(
		ownStrengths?.value === plate.strengths.value && ownStrengths?.colour === plate.strengths.colour
	);

	const WORKS_ON = ['value', 'colour'] as const satisfies readonly (keyof Strengths)[];

	onMount(() => measures.load());
</script>

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
			onset={(groundSize) => decide(workbench, plate, 'Change the size of the grounds', { groundSize }, 'ground size')}
		/>
	{/if}
{/if}
{#if fields.includes('strength')}
	{#each WORKS_ON as what (what)}
		<RangeField
			label="How a ground works on the {what} of a figure"
			title="How a ground works on the {what} of a figure in the model: below 0 contrast, above 0 assimilation"
			before={what === 'value' ? 'works on value' : 'on colour'}
			after={sayStrength(plate.strengths[what])}
			value={plate.strengths[what]}
			least={-MOST_STRENGTH[what]}
			most={MOST_STRENGTH[what]}
			step={0.01}
			said={sayStrength(plate.strengths[what])}
			onset={(strength) =>
				decide(
					workbench,
					plate,
					'Change the strength',
					{ strengths: { ...plate.strengths, [what]: strength } },
					`strength on ${what}`
				)}
		/>
	{/each}
	{#if own && ownStrengths}
		<button
			class="act"
			disabled={isMine}
			title="{sayStrengths(ownStrengths)}, measured {sayDay(own.made)}"
			onclick={() => decide(workbench, plate, 'Predict with my own contrast', { strengths: ownStrengths })}>Mine</button
		>
	{/if}
{/if}
