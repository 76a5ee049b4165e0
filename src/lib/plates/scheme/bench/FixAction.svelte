<script lang="ts">
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { type SchemePlate } from '../schema';
	import { fixLead, fixMember, textOfLinear } from '../scheme-edits';
	import { schemeOf } from '../scheme-of';
	import { placeOn } from './scheme-state.svelte';

	/** Fixes the member that the mixer holds at its colour, or lets it follow the scheme again; the lead likewise. */
	let { workbench, plate }: { workbench: Workbench; plate: SchemePlate } = $props();

	const held = $derived(placeOn(workbench));
	const fixed = $derived(
		held?.kind === 'member' ? plate.others[held.index - 1]!.fixed !== null : plate.leadFixed === true
	);

	function fix() {
		if (held?.kind === 'lead') workbench.edit(fixed ? 'Let the lead turn' : 'Fix the lead', fixLead(plate.id, !fixed));
		if (held?.kind !== 'member') return;
		const { linear } = schemeOf(plate, workbench.document.linked).members[held.index]!;
		const text = textOfLinear(linear);
		const edit = fixMember(plate.id, held.index, fixed ? null : { text });
		workbench.edit(fixed ? 'Let a member follow' : 'Fix a member', edit);
	}
</script>

{#if held?.kind === 'member'}
	<button class="act" aria-pressed={fixed} onclick={fix}>{fixed ? 'Let follow' : 'Fix it'}</button>
{:else if held?.kind === 'lead'}
	<button
		class="act"
		aria-pressed={fixed}
		title="A fixed lead keeps its code when a member is moved on the wheel"
		onclick={fix}>{fixed ? 'Let turn' : 'Fix it'}</button
	>
{/if}
