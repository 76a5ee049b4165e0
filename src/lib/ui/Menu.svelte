<script lang="ts" module>
	export interface MenuItem {
		readonly label: string;
		readonly run: () => void;
		readonly disabled?: boolean;
	}
</script>

<script lang="ts">
	import { type Snippet } from 'svelte';
	import Popover from './Popover.svelte';

	interface Props {
		items: readonly MenuItem[];
		label: string;
		/** What the button shows; the label, where it is not given. */
		children?: Snippet;
		kind?: string;
	}

	let { items, label, children: shown, kind = 'act' }: Props = $props();

	const ITEMS = 'button:not(:disabled)';
</script>

<Popover {label} {kind} first={ITEMS} goes={ITEMS} buttonLabel={shown ? label : undefined}>
	{#snippet button()}{#if shown}{@render shown()}{:else}{label}{/if}{/snippet}
	{#snippet children(close)}
		{#each items as { label: words, run, disabled } (words)}
			<button
				role="menuitem"
				{disabled}
				onclick={() => {
					close();
					run();
				}}>{words}</button
			>
		{/each}
	{/snippet}
</Popover>

<style>
	button:disabled {
		opacity: 0.45;
		cursor: default;
	}
</style>
