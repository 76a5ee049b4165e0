<script lang="ts">
	import { onDestroy, tick, type Snippet } from 'svelte';
	import { getBeside } from './beside.svelte';
	import { goThrough } from './go-through';

	interface Props {
		/** What opens is, and what it is called. */
		role: 'menu' | 'dialog' | 'group';
		label: string;
		/** Whether what it holds says itself what it is: not all of it is a menu. */
		itself?: boolean;
		/** The heading over what opens; the label unless said. */
		title?: string;
		/** What is said under it. */
		hint?: string | null;
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
		/** Told when it has closed. */
		onclosed?: () => void;
		/** What opens; made only while it is open. */
		children: Snippet<[close: () => void]>;
	}

	/** A button, and what opens beside the plate, where it covers nothing that is being judged: closed by Escape, by its cross, or by the button. */
	let {
		role,
		label,
		itself = false,
		title = label,
		hint = null,
		button,
		buttonLabel,
		kind = 'act',
		first,
		goes,
		onclosed,
		children
	}: Props = $props();

	const id = $props.id();
	const beside = getBeside();
	const open = $derived(beside.open.some((panel) => panel.id === id));
	let opener = $state<HTMLButtonElement>();
	let panel = $state<HTMLElement>();

	/** Back to the button, unless the focus has gone elsewhere by itself. */
	function closed() {
		const lost = panel?.contains(document.activeElement) || document.activeElement === document.body;
		if (lost) opener?.focus();
		onclosed?.();
	}

	async function toggle() {
		if (open) return beside.close(id);
		const over = opener?.closest('[data-beside]') !== null;
		beside.show({ id, title, hint, content, onclose: closed }, over);
		await tick();
		panel?.closest('[data-beside]')?.scrollIntoView({ block: 'nearest' });
		const found = first ? panel?.querySelector<HTMLElement>(first) : null;
		(found ?? panel)?.focus({ preventScroll: true });
		found?.scrollIntoView({ block: 'nearest' });
	}

	onDestroy(() => beside.close(id));
</script>

<button
	type="button"
	class={kind}
	bind:this={opener}
	aria-haspopup={role === 'group' ? undefined : role}
	aria-expanded={open}
	aria-label={buttonLabel}
	title={buttonLabel === label ? label : undefined}
	onclick={toggle}
>
	{@render button()}
</button>

{#snippet content()}
	<div
		role={itself ? undefined : role}
		tabindex="-1"
		aria-label={itself ? undefined : label}
		bind:this={panel}
		onkeydown={(event) => goes && goThrough(event, panel, goes)}
	>
		{@render children(() => beside.close(id))}
	</div>
{/snippet}

<style>
	div:focus-visible {
		outline: 0;
		box-shadow: none;
	}
</style>
