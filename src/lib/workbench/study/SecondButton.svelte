<script lang="ts">
	import { tick } from 'svelte';
	import { goThrough } from '$lib/ui/go-through';
	import { offeredAt, type Offered } from './take-along';
	import { type Workbench } from './workbench.svelte';

	/** What the second button of the mouse offers on a plate, in the index and on colours; the key for menus does the same. */
	let { workbench }: { workbench: Workbench } = $props();

	const ITEMS = 'button';
	let menu = $state<HTMLElement>();
	let items = $state.raw<readonly Offered[]>([]);
	let at = $state.raw({ x: 0, y: 0 });
	let before: HTMLElement | null = null;

	async function open(event: MouseEvent) {
		const on = event.target instanceof Element ? event.target : null;
		if (!menu || !on?.closest('.surface, [data-plate], .linked, .mixer')) return;
		// What is under the pointer is what is meant, as with the first button.
		const button = on.closest<HTMLElement>('button:not(:disabled)');
		button?.focus();
		const offered = offeredAt(workbench, button ?? on);
		if (offered.length === 0) return;
		event.preventDefault();
		before = document.activeElement as HTMLElement | null;
		items = offered;
		menu.showPopover();
		await tick();
		const { width, height } = menu.getBoundingClientRect();
		at = { x: Math.min(event.clientX, innerWidth - width - 8), y: Math.min(event.clientY, innerHeight - height - 8) };
		menu.querySelector<HTMLElement>(ITEMS)?.focus();
	}

	function take(item: Offered) {
		menu?.hidePopover();
		before?.focus();
		item.run();
	}
</script>

<svelte:window oncontextmenu={open} />

<div
	class="menu"
	popover
	role="menu"
	tabindex="-1"
	aria-label="What can be done here"
	bind:this={menu}
	style:left="{at.x}px"
	style:top="{at.y}px"
	onkeydown={(event) => goThrough(event, menu, ITEMS)}
>
	{#each items as item (item.label)}
		<button role="menuitem" aria-keyshortcuts={item.keys.replace('Ctrl ', 'Control+')} onclick={() => take(item)}>
			{item.label} <kbd>{item.keys}</kbd>
		</button>
	{/each}
</div>

<style>
	div {
		position: fixed;
		inset: auto;
		margin: 0;
	}
	button {
		display: flex;
		justify-content: space-between;
		gap: 18px;
	}
	kbd {
		font: inherit;
		opacity: 0.7;
	}
</style>
