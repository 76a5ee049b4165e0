<script lang="ts" generics="Key extends string">
	import { type Snippet } from 'svelte';
	import Popover from './Popover.svelte';
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
		chosen: Key;
		/** What the button shows. */
		words: string;
		/** The colours that a choice would give, or why it cannot be had; asked only while the list is open. */
		preview: (key: Key) => readonly string[];
		onchoose: (key: Key) => void;
		/** Further decisions about what is chosen, under the list. */
		further?: Snippet;
	}

	/** A choice by looking: each one is shown as it would turn out, live. */
	let { label, choices, chosen, words, preview, onchoose, further }: Props = $props();

	const OPTION = '[role=menuitemradio]';
</script>

<Popover
	role="menu"
	itself
	{label}
	kind="act choices"
	buttonLabel="{label}: {words}"
	first="[aria-checked=true]"
	goes={OPTION}
>
	{#snippet button()}
		<span class="words">{words}</span>
		<svg class="arrow" width="10" height="6" aria-hidden="true"
			><path d="M1 1l4 4 4-4" fill="none" stroke="currentColor" /></svg
		>
	{/snippet}
	{#snippet children(close)}
		<div class="list">
			<div role="menu" aria-label={label}>
				{#each choices as { key, name, says } (key)}
					<button
						role="menuitemradio"
						aria-checked={key === chosen}
						class="option"
						onclick={() => onchoose(key)}
						ondblclick={close}
					>
						<i><Strip codes={preview(key)} /></i>
						<b>{name}</b>
						<span>{says}</span>
					</button>
				{/each}
			</div>
			{#if further}<div class="further">{@render further()}</div>{/if}
		</div>
	{/snippet}
</Popover>

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
	.list {
		width: 560px;
		max-width: 100%;
	}
	.option {
		display: grid;
		grid-template: auto auto / 208px minmax(0, 1fr);
		column-gap: 14px;
		width: 100%;
		min-height: 46px;
		padding: 6px 12px 6px 9px;
		border-left: 3px solid transparent;
		text-align: left;
		cursor: pointer;
	}
	.option + .option {
		border-top: 1px solid var(--rule);
	}
	.option[aria-checked='true'] {
		border-left-color: var(--ink);
		background: var(--panel);
	}
	.option:hover {
		background: #d6d6d6;
	}
	.option:focus-visible {
		outline-offset: -3px;
		box-shadow: none;
	}
	.option i {
		grid-row: 1 / 3;
		align-self: stretch;
		min-height: 30px;
	}
	.option b {
		font: 500 15px/1.2 var(--font-serif);
	}
	.option span {
		font-size: 11.5px;
		line-height: 1.3;
		color: var(--soft);
	}
	.further {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 8px;
		padding: 9px 12px;
		border-top: 1px solid var(--edge);
		background: var(--panel);
		font-size: 12.5px;
	}
</style>
