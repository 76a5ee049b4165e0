<script lang="ts">
	import { setLead } from '../study/wheel-edits';
	import { type Workbench } from '../study/workbench.svelte';
	import { subjectOf } from './subject';

	/** What can be done with a colour of a wheel that follows from its lead: begin the wheel from it. */
	let { workbench }: { workbench: Workbench } = $props();

	function makeLead() {
		const { wheelPlate } = workbench;
		const subject = subjectOf(workbench);
		if (!wheelPlate || !subject) return;
		workbench.edit('Change the lead colour', setLead(wheelPlate.id, { text: subject.text }));
		workbench.hold({ kind: 'lead' });
	}
</script>

{#if workbench.held?.kind === 'cell'}
	<button class="act" onclick={makeLead}>Make it the lead colour</button>
{/if}
