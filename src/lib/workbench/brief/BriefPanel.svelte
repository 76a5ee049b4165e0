<script lang="ts">
	import { type Workbench } from '../study/workbench.svelte';
	import SetBrief from './SetBrief.svelte';
	import TakenBrief from './TakenBrief.svelte';

	/** The brief beside the plate: as it is set, or as it was taken up. */
	let { workbench, id }: { workbench: Workbench; id: string } = $props();
</script>

{#if workbench.document.brief}
	<SetBrief {workbench} {id} terms={workbench.document.brief} />
{:else if workbench.document.answers}
	<TakenBrief {workbench} {id} brief={workbench.document.answers} />
{/if}
