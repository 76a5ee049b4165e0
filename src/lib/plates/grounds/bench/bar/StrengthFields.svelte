<script lang="ts">
	import { onMount } from 'svelte';
	import { MOST_STRENGTH, type Strengths } from '$lib/core/ground/on-ground';
	import { inHundredths, sayStrength, sayStrengths } from '../../say-strengths';
	import { sayDay } from '$lib/drawing/say-day';
	import { type GroundsPlate } from '../../schema';
	import RangeField from '$lib/ui/RangeField.svelte';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { decide } from '../decide';
	import { measures } from '../measures.svelte';

	/** How strongly a ground works in the model. */
	let { workbench, plate }: { workbench: Workbench; plate: GroundsPlate } = $props();

	const own = $derived(measures.list[0]);
	const ownStrengths = $derived(own && inHundredths(own.strengths));
	const isMine = $derived(
		ownStrengths?.value === plate.strengths.value && ownStrengths?.colour === plate.strengths.colour
	);

	const WORKS_ON = ['value', 'colour'] as const satisfies readonly (keyof Strengths)[];

	onMount(() => measures.load());
</script>

<div class="sentence" role="group" aria-label="How a ground works in the model">
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
</div>
