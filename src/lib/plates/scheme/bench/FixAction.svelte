<script lang="ts">
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { type SchemePlate } from '../schema';
	import { fixMember, textOfLinear } from '../scheme-edits';
	import { schemeOf } from '../scheme-of';
	import { placeOn } from './scheme-state.svelte';

	/** Fixes the member that the mixer holds at its colour, or lets it follow the scheme again. */
	let { workbench, plate }: { workbench: Workbench; plate: SchemePlate } = $props();

	const held = $derived(placeOn(workbench));
	const fixed = $derived(held?.kind === 'member' ? plate.others[held.index - 1]!.fixed : null);

	function fix(index: number) {
		const { linear } = schemeOf(plate, workbench.document.linked).members[index]!;
		const text = textOfLinear(linear);
		workbench.edit(fixed ? 'Let a member follow' : 'Fix a member', fixMember(plate.id, index, fixed ? null : { text }));
	}
</script>

{#if held?.kind === 'member'}
	{@const { index } = held}
	<button class="act" aria-pressed={fixed !== null} onclick={() => fix(index)}>{fixed ? 'Let follow' : 'Fix it'}</button
	>
{/if}
