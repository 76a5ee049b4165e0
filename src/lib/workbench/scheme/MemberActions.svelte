<script lang="ts">
	import { schemeOf } from '$lib/drawing/scheme/scheme-of';
	import { anotherLead, fixMember, textOfLinear } from '../study/scheme-edits';
	import { type Workbench } from '../study/workbench.svelte';
	import { indexHeld } from './scheme-subject';

	/** What can be done with the member that the mixer holds: let it lead, or fix it. */
	let { workbench, what }: { workbench: Workbench; what: 'lead' | 'fix' } = $props();

	const plate = $derived(workbench.schemePlate);
	const index = $derived(workbench.held?.kind === 'relative' ? null : indexHeld(workbench));
	const fixed = $derived(plate && index ? plate.others[index - 1]!.fixed : null);

	function lead() {
		if (!plate || !index) return;
		workbench.edit('Another lead', anotherLead(plate.id, index));
		workbench.hold({ kind: 'lead' });
	}

	function fix() {
		if (!plate || !index) return;
		const { linear } = schemeOf(plate, workbench.document.linked).members[index]!;
		const text = textOfLinear(linear);
		workbench.edit(fixed ? 'Let a member follow' : 'Fix a member', fixMember(plate.id, index, fixed ? null : { text }));
	}
</script>

{#if plate && index}
	{#if what === 'lead'}
		<button class="mini" onclick={lead}>Make it the lead</button>
	{:else}
		<button class="act" aria-pressed={fixed !== null} onclick={fix}>{fixed ? 'Let follow' : 'Fix it'}</button>
	{/if}
{/if}

<style>
	.mini {
		padding: 0 7px;
		border: 1px solid #9a9a9a;
		color: #fff;
		font-size: 11.5px;
		line-height: 18px;
		white-space: nowrap;
		cursor: pointer;
	}
	.mini:hover {
		background: #474747;
	}
	.mini:focus-visible {
		outline: 2px solid #fff;
		box-shadow: none;
	}
</style>
