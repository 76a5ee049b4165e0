<script lang="ts">
	import { type Snippet } from 'svelte';

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
		const { left, bottom, top } = button.getBoundingClientRect();
		const { offsetWidth: width, offsetHeight: height } = list;
		list.style.left = `${Math.max(4, Math.min(left, window.innerWidth - width - 8))}px`;
		list.style.top = `${bottom + height + 8 > window.innerHeight ? Math.max(4, top - height - 4) : bottom + 4}px`;
		list.querySelector<HTMLElement>('button:not(:disabled)')?.focus();
	}

	const STEPS: Readonly<Record<string, number>> = { ArrowDown: 1, ArrowUp: -1 };

	function goByKey(event: KeyboardEvent) {
		const step = STEPS[event.key];
		if (step === undefined || !list) return;
		event.preventDefault();
		const choices = [...list.querySelectorAll<HTMLElement>('button:not(:disabled)')];
		const at = choices.findIndex((choice) => choice === document.activeElement);
		choices[(at + step + choices.length) % choices.length]?.focus();
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
	onkeydown={goByKey}
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
