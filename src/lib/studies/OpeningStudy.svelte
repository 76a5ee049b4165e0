<script lang="ts">
	import { inksOn } from '$lib/drawing/inks';
	import { INK } from '$lib/drawing/words';
	import { BOARD_COLOURS, type Board } from '$lib/ui/boards';

	/** Stands for a study whose first plate takes a while to be drawn, until the browser does that. */
	let { title, board }: { title: string; board: Board } = $props();
</script>

<svelte:head><title>{title} · Ricercar</title></svelte:head>
<main
	id="content"
	tabindex="-1"
	style:background={BOARD_COLOURS[board]}
	style:color={inksOn(BOARD_COLOURS[board])[INK]}
>
	<h1>{title}</h1>
	<p>The first plate is being drawn.</p>
	<noscript><p>For that this page needs JavaScript, which is switched off in this browser.</p></noscript>
</main>

<style>
	main {
		display: grid;
		align-content: center;
		justify-items: center;
		gap: 8px;
		height: 100vh;
		height: 100dvh;
		padding: 0 24px;
		text-align: center;
	}
	h1 {
		font-size: 22px;
		overflow-wrap: anywhere;
	}
</style>
