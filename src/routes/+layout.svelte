<script lang="ts">
	import '@fontsource-variable/archivo/index.css';
	import '@fontsource-variable/newsreader/index.css';
	import '../app.css';
	import NoticeBoard from '$lib/ui/NoticeBoard.svelte';

	let { children } = $props();
</script>

{@render children()}
<NoticeBoard />
