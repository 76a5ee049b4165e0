<script lang="ts">
	import CloseOutline from 'flowbite-svelte-icons/CloseOutline.svelte';
	import { untrack, type Snippet } from 'svelte';
	import { type Beside } from '$lib/ui/beside.svelte';
	import IconButton from '$lib/ui/IconButton.svelte';
	import { Library } from '$lib/palettes/library.svelte';
	import Hint from './Hint.svelte';
	import PutAway from './PutAway.svelte';
	import { type Workbench } from './workbench.svelte';

	/** What stands beside the plate: its readings, the palettes to take colours from, or what is written on the study as a whole. */
	let { workbench, id, beside, readings }: { workbench: Workbench; id: string; beside: Beside; readings: Snippet } =
		$props();

	// What is asked for from elsewhere comes before what is open here.
	$effect(() => {
		if (workbench.besideAsked > 0) untrack(() => beside.close(beside.open[0]?.id));
	});

	const library = new Library();
	const shown = $derived(workbench.besides.includes(workbench.beside) ? workbench.beside : 'Readings');
	const uid = $props.id();

	/** Arrow keys go from tab to tab. */
	function goByKey(event: KeyboardEvent & { currentTarget: HTMLElement }) {
		if (event.key !== 'ArrowLeft' && event.key !== 'ArrowRight') return;
		event.preventDefault();
		const { besides } = workbench;
		const by = event.key === 'ArrowRight' ? 1 : besides.length - 1;
		workbench.beside = besides[(besides.indexOf(shown) + by) % besides.length]!;
		document.getElementById(`${uid}-${workbench.beside}`)?.focus();
	}
</script>

{#each beside.open as { id: open, title, hint, content } (open)}
	<section class="choosing" hidden={beside.top?.id !== open} data-beside aria-label={title}>
		<header>
			<h2>{title}</h2>
			<IconButton
				label="Close: {title}"
				title="Close (Escape)"
				onclick={() => beside.close(open)}
				icon={CloseOutline}
			/>
		</header>
		{@render content()}
		{#if hint}<p>{hint}</p>{/if}
	</section>
{/each}
<div hidden={beside.top !== null}>
	<div class="tabs" role="tablist" aria-label="Beside the plate">
		{#each workbench.besides as tab (tab)}
			<button
				id="{uid}-{tab}"
				role="tab"
				aria-selected={shown === tab}
				aria-controls="{uid}-panel"
				tabindex={shown === tab ? 0 : -1}
				onclick={() => (workbench.beside = tab)}
				onkeydown={goByKey}>{tab}</button
			>
		{/each}
	</div>
	{#if !workbench.byEye}<Hint {workbench} />{/if}
	<div id="{uid}-panel" role="tabpanel" aria-labelledby="{uid}-{shown}">
		{#if shown === 'Readings' && workbench.isHidden}<PutAway what="Readings" isHidden />
		{:else if shown === 'Readings'}{@render readings()}
		{:else if shown === 'Palettes' && workbench.byEye}<PutAway what="Palettes" isHidden={workbench.isHidden} />
		{:else if shown === 'Palettes'}
			{#await import('../palettes/PalettesPanel.svelte') then { default: PalettesPanel }}
				<PalettesPanel {workbench} {library} />
			{/await}
		{:else if shown === 'Brief'}
			{#await import('../brief/BriefPanel.svelte') then { default: BriefPanel }}
				<BriefPanel {workbench} {id} />
			{/await}
		{:else}
			{#await import('./ReflectionPanel.svelte') then { default: ReflectionPanel }}
				<ReflectionPanel {workbench} />
			{/await}
		{/if}
	</div>
</div>

<svelte:window onkeydown={(event) => event.key === 'Escape' && beside.close()} />

<style>
	.choosing {
		display: flex;
		flex-direction: column;
		padding-bottom: 12px;
	}
	.choosing[hidden] {
		display: none;
	}
	.choosing header {
		display: flex;
		position: sticky;
		top: 0;
		z-index: 3;
		align-items: center;
		justify-content: space-between;
		padding: 6px 10px 6px 18px;
		background: var(--panel);
		border-bottom: 1px solid var(--rule);
	}
	.choosing h2 {
		font-size: 17px;
	}
	.choosing p {
		margin: 8px 18px 0;
		padding-top: 8px;
		border-top: 1px solid var(--rule);
		font-size: 11.5px;
		color: var(--soft);
	}
	.tabs {
		position: sticky;
		top: 0;
		z-index: 3;
		display: flex;
		gap: 14px;
		padding: 0 18px;
		background: var(--panel);
		border-bottom: 1px solid var(--rule);
	}
	@media (max-width: 800px) {
		.tabs,
		.choosing header {
			position: static;
		}
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
