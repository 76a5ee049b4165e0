<script lang="ts">
	import '@fontsource-variable/archivo/index.css';
	import '@fontsource-variable/newsreader/index.css';
	import '../app.css';
	import { onMount } from 'svelte';
	import NoticeBoard from '$lib/ui/NoticeBoard.svelte';

	let { children } = $props();

	// Says that the page answers: for tests, and for anything else that must not act too early.
	onMount(() => {
		document.documentElement.dataset.ready = 'yes';
	});
</script>

{@render children()}
<NoticeBoard />
