<script lang="ts">
	import { mostMissed, WALL_SORT_WORDS, WALL_SORTS } from '$lib/study/handed/on-wall';
	import CheckField from '$lib/ui/CheckField.svelte';
	import FileButton from '$lib/ui/FileButton.svelte';
	import SelectField from '$lib/ui/SelectField.svelte';
	import { type Arranged, type PinUp } from './pin-up.svelte';

	/** How the wall hangs, and what it comes to in a line. */
	let { pinUp }: { pinUp: PinUp } = $props();

	const ARRANGED: readonly Arranged[] = [...WALL_SORTS, 'groups'];
	const ARRANGED_WORDS: Readonly<Record<Arranged, string>> = { ...WALL_SORT_WORDS, groups: 'In groups of your own' };

	const whole = $derived(pinUp.makers.filter(({ line }) => line.held === line.asked).length);
	const unseen = $derived(pinUp.makers.filter(({ line }) => !line.seen).length);
	const missed = $derived(mostMissed(pinUp.makers.flatMap(({ line }) => pinUp.handInOf(line.id) ?? [])));
	const late = $derived(pinUp.makers.filter(({ line }) => pinUp.isLate(line)).length);
	const lateWords = $derived(late > 0 ? `, ${late} of them late` : '');
	const missedWords = $derived(missed ? `; most often missed: “${missed.asks}”, by ${missed.by}` : '');
</script>

<div class="tools">
	<h1 class="unseen">Pin-up: {pinUp.brief.title}</h1>
	<FileButton
		label="Collect hand-ins"
		accept=".json,.zip,application/json,application/zip"
		multiple
		onfiles={(files) => void pinUp.collect(files)}
	/>
	<SelectField
		kind="sort"
		label="Order of the wall"
		choices={ARRANGED}
		words={ARRANGED_WORDS}
		value={pinUp.arranged}
		onchoose={(arranged) => (pinUp.arranged = arranged)}
	/>
	<button class="act" aria-pressed={pinUp.atOnce} onclick={() => (pinUp.atOnce = !pinUp.atOnce)}
		>The class at once</button
	>
	<CheckField words="names" checked={pinUp.names} onset={(names) => (pinUp.names = names)} />
	<CheckField
		words="only those still to be looked at"
		checked={pinUp.onlyUnseen}
		onset={(only) => (pinUp.onlyUnseen = only)}
	/>
	<label class="size"
		>size <input
			type="range"
			min="90"
			max="420"
			step="10"
			bind:value={pinUp.size}
			aria-label="Size of a sheet"
		/></label
	>
	<p class="summary" role="status">
		{#if pinUp.collecting}Reading {pinUp.collecting.done} of {pinUp.collecting.of} …
		{:else if pinUp.makers.length > 0}
			{pinUp.makers.length} handed in{lateWords}, {whole} hold every check{missedWords}; {unseen} still to be looked at
		{/if}
	</p>
</div>

<style>
	.tools {
		display: flex;
		position: sticky;
		top: 0;
		z-index: 4;
		flex-wrap: wrap;
		align-items: center;
		gap: 8px 14px;
		margin: 0 -22px 16px;
		padding: 8px 22px;
		background: var(--panel);
	}
	.tools :global(label:has(input[type='checkbox'])) {
		display: inline-flex;
		align-items: center;
		gap: 6px;
	}
	.tools :global(.sort) {
		width: 190px;
	}
	.size {
		display: flex;
		align-items: center;
		gap: 7px;
	}
	.size input {
		width: 90px;
		accent-color: var(--ink);
	}
	.summary {
		font-size: 12px;
		color: var(--soft);
	}
</style>
