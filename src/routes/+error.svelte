<script lang="ts">
	import { page } from '$app/state';
	import Mark from '$lib/ui/Mark.svelte';
</script>

<svelte:head><title>{page.status} · Ricercar</title></svelte:head>
<main id="content" tabindex="-1">
	<Mark />
	<h1>{page.error?.message ?? 'Something went wrong.'}</h1>
	<p><a class="act" href="/">To the studies</a></p>
</main>

<style>
	main {
		display: grid;
		gap: 18px;
		max-width: 520px;
		margin: 12vh auto;
		padding: 0 24px;
	}
	h1 {
		font-size: 26px;
		line-height: 1.2;
	}
</style>
