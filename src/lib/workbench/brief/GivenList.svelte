<script lang="ts">
	import { give } from '$lib/study/brief/brief-edits';
	import { type BriefTerms } from '$lib/study/brief/terms';
	import { kindOf } from '$lib/plates/kinds';
	import CheckField from '$lib/ui/CheckField.svelte';
	import { type Workbench } from '../study/workbench.svelte';

	/** What is given on the open plate and stays so; all else is open to whoever takes the brief up. */
	let { workbench, terms }: { workbench: Workbench; terms: BriefTerms } = $props();

	const plate = $derived(workbench.plate);
	const keys = $derived(terms.given.find((each) => each.plate === plate?.id)?.keys ?? []);
	/** What counts on the plate as it is now, and what is given already. */
	const decisions = $derived(
		plate
			? kindOf(plate)
					.decisions(plate, workbench.document.linked)
					.filter(({ key, isAside }) => !isAside || keys.includes(key))
			: []
	);
</script>

{#if plate}
	<fieldset>
		<legend>Given on this plate, and stays</legend>
		{#each decisions as { key, name } (key)}
			<CheckField
				words={name}
				checked={keys.includes(key)}
				onset={(given) =>
					workbench.edit(given ? 'Give a part of a plate' : 'Leave a part open', give(plate.id, key, given))}
			/>
		{/each}
	</fieldset>
{/if}

<style>
	fieldset {
		display: grid;
		gap: 3px;
	}
	legend {
		margin-bottom: 4px;
		font: 500 16px/1.2 var(--font-serif);
	}
</style>
