<script lang="ts">
	import { SORTED_BY } from '$lib/core/matching/sorting';
	import SelectField from '$lib/ui/SelectField.svelte';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { decide } from '../../../bench/decide';
	import { matchingExercises } from '../../../exercises';
	import { type MatchingPlate } from '../../../schema';
	import { sortedBy, sorting } from '../sorting';

	/** By what the row is sorted. */
	let { workbench, plate }: { workbench: Workbench; plate: MatchingPlate } = $props();

	const settings = $derived(matchingExercises.on(sorting, plate, workbench.document.linked)?.settings ?? null);
	const WORDS = { value: 'by value', hue: 'by hue' } as const;
</script>

{#if settings}
	<SelectField
		label="What is sorted by"
		choices={SORTED_BY}
		words={WORDS}
		value={settings.by}
		onchoose={(by) => decide(workbench, plate, sorting, 'Sort by something else', (latest) => sortedBy(latest, by))}
	/>
{/if}
