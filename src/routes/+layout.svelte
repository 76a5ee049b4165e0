<script lang="ts">
	import '@fontsource-variable/archivo/index.css';
	import '@fontsource-variable/newsreader/index.css';
	import '../app.css';
	import { onMount } from 'svelte';
	import { allNow } from '$lib/ui/in-turn';
	import NoticeBoard from '$lib/ui/NoticeBoard.svelte';

	let { children } = $props();

	// Says that the page answers: for tests, and for anything else that must not act too early.
	onMount(() => {
		document.documentElement.dataset.ready = 'yes';
	});
</script>

<svelte:window
	onpointerdowncapture={allNow}
	onkeydowncapture={(event) => (event.key === 'Enter' || event.key === ' ') && allNow()}
/>
<a class="skip" href="#content">To the content</a>
{@render children()}
<NoticeBoard />
