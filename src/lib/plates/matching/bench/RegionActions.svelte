<script lang="ts">
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { matchOf, setMatch, type AnyMatched } from '../matching-edits';
	import { withText } from '../match-state';
	import { type MatchingPlate } from '../schema';
	import { regionHeld } from './held-region';

	/** What can be done with the region that is set: grey again, or as it was in the last attempt. */
	let { workbench, plate }: { workbench: Workbench; plate: MatchingPlate } = $props();

	const index = $derived(matchOf(plate) ? regionHeld(workbench) : null);
	const state = $derived(plate.exercise as unknown as AnyMatched);
	const before = $derived(index === null ? null : (state.attempts?.at(-1)?.texts[index] ?? null));
	const set = $derived(index === null ? null : (state.texts?.[index] ?? null));

	const put = (label: string, text: string | null) =>
		index !== null &&
		workbench.edit(
			label,
			setMatch(plate.id, (latest) => withText(latest, index, text))
		);
</script>

{#if index !== null && state.stage === 'eye'}
	<button class="start" disabled={set === null} onclick={() => put('Grey again', null)}>Grey again</button>
	{#if before !== null}
		<button class="start" disabled={before === set} onclick={() => put('As it was in the last attempt', before)}
			>As it was</button
		>
	{/if}
{/if}
