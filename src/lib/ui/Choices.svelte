<script lang="ts" generics="Key extends string">
	import { type Snippet } from 'svelte';
	import { getBeside } from './beside.svelte';
	import BesideButton from './BesideButton.svelte';
	import Strip from './Strip.svelte';

	interface Choice {
		readonly key: Key;
		readonly name: string;
		/** One sentence on it. */
		readonly says: string;
	}

	interface Props {
		/** What is chosen here: "Recipe". */
		label: string;
		choices: readonly Choice[];
		/** What it is now; null where the choice adds something new. */
		chosen: Key | null;
		/** Which one has the focus first, where none is chosen. */
		likely?: Key;
		/** What the button shows. */
		words: string;
		/** The colours that a choice would give, or why it cannot be had; asked only while the list is open. */
		preview: (key: Key) => readonly string[];
		onchoose: (key: Key) => void;
		/** Further decisions about what is chosen, under the list. */
		further?: Snippet;
		kind?: string;
	}

	/** A choice by looking: each one is shown as it would turn out, and tried on the plate while it is pointed at or gone to by key. */
	let {
		label,
		choices,
		chosen,
		likely = choices[0]!.key,
		words,
		preview,
		onchoose,
		further,
		kind = 'act choices'
	}: Props = $props();

	const beside = getBeside();
	const OPTION = '[role=menuitemradio]';

	/** The one that has the focus when the list opens. */
	const first = $derived(choices.some(({ key }) => key === chosen) ? chosen : likely);

	const attempt = (key: Key | null) => beside.trying(key === null || key === chosen ? null : () => onchoose(key));

	/** Where there is more to decide about what is chosen, the list stays for that. */
	function take(key: Key, close: () => void) {
		beside.trying(null);
		if (key !== chosen) onchoose(key);
		if (!further) close();
	}
</script>

<BesideButton
	role="menu"
	itself
	{label}
	hint="Point, or go by arrow keys, to try it on the plate. A click or Enter takes it, Escape leaves it."
	{kind}
	buttonLabel={chosen === null ? undefined : `${label}: ${words}`}
	first="[data-first]"
	goes={OPTION}
>
	{#snippet button()}
		<span class="words">{words}</span>
		{#if chosen !== null}
			<svg class="arrow" width="10" height="6" aria-hidden="true"
				><path d="M1 1l4 4 4-4" fill="none" stroke="currentColor" /></svg
			>
		{/if}
	{/snippet}
	{#snippet children(close)}
		<div role="menu" aria-label={label}>
			{#each choices as { key, name, says } (key)}
				<button
					role="menuitemradio"
					aria-checked={key === chosen}
					data-first={key === first || undefined}
					class="offered option"
					onclick={() => take(key, close)}
					onpointerenter={() => attempt(key)}
					onpointerleave={() => attempt(null)}
					onfocus={() => attempt(key)}
					onblur={() => attempt(null)}
				>
					<b>{name}</b>
					{#if key === chosen}<em>as it stands</em>{/if}
					<span>{says}</span>
					<i><Strip codes={preview(key)} /></i>
				</button>
			{/each}
		</div>
		{#if further}<div class="further">{@render further()}</div>{/if}
	{/snippet}
</BesideButton>

<style>
	:global(.choices) {
		min-width: 0;
		max-width: 172px;
		padding-inline: 9px;
		white-space: nowrap;
	}
	span.words {
		overflow: hidden;
		text-overflow: ellipsis;
	}
	.arrow {
		flex: none;
	}
	.option {
		grid-template: auto auto 18px / minmax(0, 1fr) auto;
		gap: 1px 8px;
	}
	/* What is pointed at is only tried. */
	.option:hover,
	.option:focus-visible {
		border-style: dashed;
	}
	.option[aria-checked='true'] {
		border-color: var(--ink);
		border-style: solid;
	}
	.option b {
		font: 500 15px/1.2 var(--font-serif);
	}
	.option em {
		font: 600 11.5px/1.5 var(--font-sans);
	}
	.option span {
		grid-column: 1 / -1;
	}
	.option i {
		grid-column: 1 / -1;
		min-height: 16px;
	}
	.further {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 8px;
		margin-top: 6px;
		padding: 10px 18px;
		border-top: 1px solid var(--rule);
		font-size: 12.5px;
	}
</style>
