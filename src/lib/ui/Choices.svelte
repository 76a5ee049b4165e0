<script lang="ts" generics="Key extends string">
	import { type Snippet } from 'svelte';
	import { goThrough, placeUnder } from './place-under';
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

	const id = $props.id();
	let open = $state(false);
	let button = $state<HTMLButtonElement>();
	let list = $state<HTMLElement>();

	function opened(event: ToggleEvent) {
		open = event.newState === 'open';
		if (!open || !button || !list) return;
		// The strips come in after this, so the place is found once they are there.
		requestAnimationFrame(() => {
			if (!button || !list) return;
			placeUnder(button, list);
			list.querySelector<HTMLElement>('[aria-checked=true]')?.focus();
		});
	}
</script>

<button
	class="act choices"
	bind:this={button}
	popovertarget={id}
	aria-haspopup="menu"
	aria-expanded={open}
	aria-label="{label}: {words}"
>
	<span>{words}</span>
	<svg width="10" height="6" aria-hidden="true"><path d="M1 1l4 4 4-4" fill="none" stroke="currentColor" /></svg>
</button>
<div class="panel" {id} popover bind:this={list} ontoggle={opened}>
	<div
		role="menu"
		tabindex="-1"
		aria-label={label}
		onkeydown={(event) => goThrough(event, list, '[role=menuitemradio]')}
	>
		{#if open}
			{#each choices as { key, name, says } (key)}
				<button
					role="menuitemradio"
					aria-checked={key === chosen}
					class="option"
					onclick={() => onchoose(key)}
					ondblclick={() => list?.hidePopover()}
				>
					<i><Strip codes={preview(key)} /></i>
					<b>{name}</b>
					<span>{says}</span>
				</button>
			{/each}
		{/if}
	</div>
	{#if further && open}<div class="further">{@render further()}</div>{/if}
</div>

<style>
	.choices {
		min-width: 0;
		max-width: 172px;
		padding-inline: 9px;
		white-space: nowrap;
	}
	.choices span {
		overflow: hidden;
		text-overflow: ellipsis;
	}
	.choices svg {
		flex: none;
	}
	.panel {
		position: fixed;
		inset: auto;
		width: 560px;
		max-width: calc(100vw - 16px);
		max-height: calc(100vh - 16px);
		margin: 0;
		padding: 0;
		overflow-y: auto;
		border: 1px solid var(--edge);
		background: var(--panel-low);
		color: var(--ink);
		white-space: normal;
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
