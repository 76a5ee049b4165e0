<script lang="ts">
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { memberPlace } from '../places';
	import { type SchemePlate } from '../schema';
	import { anotherLead } from '../scheme-edits';
	import { placeOn } from './scheme-state.svelte';

	/** Lets the member that the mixer holds be the lead. */
	let { workbench, plate }: { workbench: Workbench; plate: SchemePlate } = $props();

	const held = $derived(placeOn(workbench));

	function lead(index: number) {
		workbench.edit('Another lead', anotherLead(plate.id, index));
		workbench.hold(memberPlace(0));
	}
</script>

{#if held?.kind === 'member'}
	{@const { index } = held}
	<button class="mini" onclick={() => lead(index)}>Make it the lead</button>
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
