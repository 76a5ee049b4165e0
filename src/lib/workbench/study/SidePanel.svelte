<script lang="ts">
	import { type Snippet } from 'svelte';
	import { Library } from '$lib/palettes/library.svelte';
	import PalettesPanel from '../palettes/PalettesPanel.svelte';
	import ReflectionPanel from './ReflectionPanel.svelte';
	import { BESIDE, type Workbench } from './workbench.svelte';

	/** What stands beside the plate: its readings, the palettes to take colours from, or what is written on the study as a whole. */
	let { workbench, readings }: { workbench: Workbench; readings: Snippet } = $props();

	const library = new Library();
	const shown = $derived(workbench.beside);
	const id = $props.id();

	/** Arrow keys go from tab to tab. */
	function goByKey(event: KeyboardEvent & { currentTarget: HTMLElement }) {
		if (event.key !== 'ArrowLeft' && event.key !== 'ArrowRight') return;
		event.preventDefault();
		const by = event.key === 'ArrowRight' ? 1 : BESIDE.length - 1;
		workbench.beside = BESIDE[(BESIDE.indexOf(shown) + by) % BESIDE.length]!;
		document.getElementById(`${id}-${workbench.beside}`)?.focus();
	}
</script>

<div class="tabs" role="tablist" aria-label="Beside the plate">
	{#each BESIDE as tab (tab)}
		<button
			id="{id}-{tab}"
			role="tab"
			aria-selected={shown === tab}
			aria-controls="{id}-panel"
			tabindex={shown === tab ? 0 : -1}
			onclick={() => (workbench.beside = tab)}
			onkeydown={goByKey}>{tab}</button
		>
	{/each}
</div>
<div id="{id}-panel" role="tabpanel" aria-labelledby="{id}-{shown}">
	{#if shown === 'Readings'}{@render readings()}
	{:else if shown === 'Palettes'}<PalettesPanel {workbench} {library} />
	{:else}<ReflectionPanel {workbench} />{/if}
</div>

<style>
	.tabs {
		position: sticky;
		top: 0;
		z-index: 3;
		display: flex;
		gap: 18px;
		padding: 0 18px;
		background: var(--panel);
		border-bottom: 1px solid var(--rule);
	}
	button {
		min-height: 30px;
		font-size: 12.5px;
		color: var(--soft);
		cursor: pointer;
	}
	button[aria-selected='true'] {
		font-weight: 600;
		color: var(--ink);
		box-shadow: inset 0 -2px var(--ink);
	}
	button:focus-visible {
		outline-offset: -3px;
		box-shadow: none;
	}
</style>
