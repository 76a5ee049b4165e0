<script lang="ts">
	import { type Brief } from '$lib/study/brief/brief';
	import { progressOf } from '$lib/study/brief/progress';
	import { type Workbench } from '../study/workbench.svelte';
	import AskedList from './AskedList.svelte';
	import BriefSheet from './BriefSheet.svelte';

	/** A brief that is being set, as whoever takes it up will see it. */
	let { workbench, brief }: { workbench: Workbench; brief: Brief } = $props();

	const asked = $derived(progressOf({ ...workbench.document, brief: undefined, answers: brief, reflection: '' }));
</script>

<BriefSheet {brief} />
<AskedList {workbench} {brief} {asked} told={!brief.terms.hidden} />
