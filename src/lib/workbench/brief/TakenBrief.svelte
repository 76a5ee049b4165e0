<script lang="ts">
	import { type Brief } from '$lib/study/brief/brief';
	import { progressOf, type AskedOf } from '$lib/study/brief/progress';
	import { inTurn } from '$lib/ui/in-turn';
	import { type Workbench } from '../study/workbench.svelte';
	import AskedList from './AskedList.svelte';
	import BriefSheet from './BriefSheet.svelte';
	import HandInPart from './HandInPart.svelte';
	import TakeOver from './TakeOver.svelte';

	/** The brief that a study answers: its text, what is given and asked, and what came of it. */
	let { workbench, id, brief }: { workbench: Workbench; id: string; brief: Brief } = $props();

	/** It follows the hand as soon as there is time beside the plate itself. */
	// svelte-ignore state_referenced_locally
	let asked = $state.raw<readonly AskedOf[]>(progressOf(workbench.document));
	$effect(() => {
		const { document } = workbench;
		inTurn('what a brief asks', () => (asked = progressOf(document)));
	});
</script>

<section class="brief" aria-label="Brief">
	<BriefSheet {brief} />
	<AskedList {workbench} {brief} {asked} told={!workbench.isHidden} />
	<p><TakeOver {workbench} {brief} /></p>
	<HandInPart {workbench} {id} {asked} />
</section>

<style>
	.brief {
		display: grid;
		gap: 14px;
		padding: 14px 18px;
	}
</style>
