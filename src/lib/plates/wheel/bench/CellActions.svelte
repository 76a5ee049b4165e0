<script lang="ts">
	import { setLead } from '../wheel-edits';
	import { type WheelPlate } from '../schema';
	import { placeOn } from './chosen-cell';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { subjectOf } from '$lib/workbench/mixer/subject';

	/** What can be done with a colour of a wheel that follows from its lead: begin the wheel from it. */
	let { workbench, plate }: { workbench: Workbench; plate: WheelPlate } = $props();

	function makeLead() {
		const subject = subjectOf(workbench);
		if (!subject) return;
		workbench.edit('Change the lead colour', setLead(plate.id, { text: subject.text }));
		workbench.hold({ kind: 'lead' });
	}
</script>

{#if placeOn(workbench)?.kind === 'cell'}
	<button class="act" onclick={makeLead}>Make it the lead colour</button>
{/if}
