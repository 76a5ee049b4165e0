<script lang="ts">
	import { type Snippet } from 'svelte';
	import { goThrough, placeUnder } from './place-under';

	export interface MenuItem {
		readonly label: string;
		readonly run: () => void;
		readonly disabled?: boolean;
	}

	interface Props {
		items: readonly MenuItem[];
		label: string;
		/** What the button shows; the label, where it is not given. */
		children?: Snippet;
		kind?: string;
	}

	let { items, label, children, kind = 'act' }: Props = $props();

	const id = $props.id();
	let open = $state(false);
	let button = $state<HTMLButtonElement>();
	let list = $state<HTMLElement>();

	/** Puts the list under its button, inside the window, and the focus on its first item. */
	function opened(event: ToggleEvent) {
		open = event.newState === 'open';
		if (!open || !button || !list) return;
		placeUnder(button, list);
		list.querySelector<HTMLElement>('button:not(:disabled)')?.focus();
	}
</script>

<button
	class={kind}
	bind:this={button}
	popovertarget={id}
	aria-haspopup="menu"
	aria-expanded={open}
	aria-label={children ? label : undefined}
	title={children ? label : undefined}
>
	{#if children}{@render children()}{:else}{label}{/if}
</button>
<div
	class="menu"
	{id}
	popover
	role="menu"
	tabindex="-1"
	aria-label={label}
	bind:this={list}
	ontoggle={opened}
	onkeydown={(event) => goThrough(event, list, 'button:not(:disabled)')}
>
	{#each items as { label: words, run, disabled } (words)}
		<button
			role="menuitem"
			{disabled}
			onclick={() => {
				list?.hidePopover();
				run();
			}}>{words}</button
		>
	{/each}
</div>

<style>
	.menu {
		position: fixed;
		inset: auto;
		margin: 0;
	}
	.menu button:disabled {
		opacity: 0.45;
		cursor: default;
	}
</style>
