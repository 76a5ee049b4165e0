<script lang="ts">
	import { onMount } from 'svelte';
	import OpeningStudy from '$lib/studies/OpeningStudy.svelte';
	import UnreadableStudy from '$lib/studies/UnreadableStudy.svelte';
	import StudyPage from '$lib/workbench/study/StudyPage.svelte';

	let { data } = $props();

	// svelte-ignore state_referenced_locally (what the browser remembers only counts at the start)
	let board = $state(data.board ?? 'light');

	let isInBrowser = $state(false);
	onMount(() => (isInBrowser = true));
</script>

{#if data.study && data.isHeavy && !isInBrowser}
	<OpeningStudy title={data.study.document.titleBlock.title} {board} />
{:else if data.study}
	{#key data.study.id}
		<StudyPage study={data.study} bind:board />
	{/key}
{:else if data.unreadable}
	<UnreadableStudy {...data.unreadable} />
{/if}
