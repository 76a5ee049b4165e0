<script lang="ts">
	import { readColour } from '$lib/core/colour/read';
	import { show } from '$lib/core/colour/shown';
	import { type PaletteColour } from '$lib/model/palette';
	import Strip from '$lib/ui/Strip.svelte';

	/** The colours of a palette, touching, in their order. */
	let { colours }: { colours: readonly PaletteColour[] } = $props();

	const codes = $derived(colours.map(({ text }) => show(readColour(text)).hex));
</script>

{#if codes.length > 0}<Strip {codes} />{:else}<span>no colours yet</span>{/if}

<style>
	span {
		display: grid;
		place-items: center;
		height: 100%;
		background: #fff;
		outline: 1px solid #00000030;
		font: italic 14px var(--font-serif);
		color: var(--soft);
	}
</style>
