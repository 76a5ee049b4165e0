<script lang="ts">
	import { keyAlone } from '$lib/ui/is-writing';
	import { ZOOMS, ZOOM_WORDS, type Workbench } from './workbench.svelte';

	/** How large the plate is seen; Z goes through it. */
	let { workbench }: { workbench: Workbench } = $props();

	function goByKey(event: KeyboardEvent) {
		if (keyAlone(event) !== 'z') return;
		const by = event.shiftKey ? ZOOMS.length - 1 : 1;
		workbench.zoom = ZOOMS[(ZOOMS.indexOf(workbench.zoom) + by) % ZOOMS.length]!;
	}
</script>

<svelte:window onkeydown={goByKey} />

<div role="group" aria-label="Size of the plate">
	{#each ZOOMS as zoom (zoom)}
		<button
			aria-pressed={workbench.zoom === zoom}
			title="{ZOOM_WORDS[zoom]} (Z)"
			onclick={() => (workbench.zoom = zoom)}>{ZOOM_WORDS[zoom]}</button
		>
	{/each}
</div>

<style>
	div {
		display: flex;
		flex: none;
	}
	button {
		min-height: 24px;
		padding: 0 6px;
		font-size: 12px;
		white-space: nowrap;
		cursor: pointer;
	}
	button[aria-pressed='true'] {
		font-weight: 600;
		box-shadow: inset 0 -2px currentColor;
	}
</style>
