<script lang="ts">
	import { tick, type Snippet } from 'svelte';
	import { goThrough } from './go-through';
	import { placeUnder } from './place-under';

	interface Props {
		/** What the menu is called. */
		label: string;
		/** What the button shows. */
		button: Snippet;
		/** What the button is called, where that is not what it shows. */
		buttonLabel?: string | undefined;
		/** How the button looks. */
		kind?: string;
		/** Which part takes the focus when it opens. */
		first?: string | undefined;
		/** Which parts arrow keys, Home, End and letters go through. */
		goes?: string | undefined;
		/** What opens; made only while it is open. */
		children: Snippet<[close: () => void]>;
	}

	/** A button, and the menu that opens under it: inside the window, over everything, closed by Escape and by a click elsewhere. */
	let { label, button, buttonLabel, kind = 'act', first, goes, children }: Props = $props();

	const id = $props.id();
	let open = $state(false);
	let opener = $state<HTMLButtonElement>();
	let panel = $state<HTMLElement>();

	async function opened(event: ToggleEvent) {
		open = event.newState === 'open';
		if (!open) return;
		await tick();
		if (!opener || !panel) return;
		placeUnder(opener, panel);
		if (first) panel.querySelector<HTMLElement>(first)?.focus();
	}
</script>

<button
	class={kind}
	bind:this={opener}
	popovertarget={id}
	aria-haspopup="menu"
	aria-expanded={open}
	aria-label={buttonLabel}
	title={buttonLabel === label ? label : undefined}
>
	{@render button()}
</button>
<div
	class="over menu"
	{id}
	popover
	role="menu"
	tabindex="-1"
	aria-label={label}
	bind:this={panel}
	ontoggle={opened}
	onkeydown={(event) => goes && goThrough(event, panel, goes)}
>
	{#if open}{@render children(() => panel?.hidePopover())}{/if}
</div>

<style>
	.over {
		position: fixed;
		inset: auto;
		max-width: calc(100vw - 16px);
		max-height: calc(100vh - 16px);
		margin: 0;
		overflow-y: auto;
	}
	.over:focus-visible {
		outline-offset: -2px;
	}
</style>
