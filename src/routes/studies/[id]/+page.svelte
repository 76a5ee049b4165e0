<script lang="ts">
	import StudyPage from '$lib/workbench/study/StudyPage.svelte';

	let { data } = $props();

	// svelte-ignore state_referenced_locally (what the browser remembers only counts at the start)
	let board = $state(data.board);
</script>

{#key data.study.id}
	<StudyPage study={data.study} bind:board />
{/key}
