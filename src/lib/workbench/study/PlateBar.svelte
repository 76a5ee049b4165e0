<script lang="ts">
	import { type Snippet } from 'svelte';

	/** The strip above the board in which a plate is decided, as a sentence or several. */
	let { children }: { children: Snippet } = $props();
</script>

<div class="bar">{@render children()}</div>

<style>
	.bar {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 6px 14px;
		min-height: 44px;
		padding: 7px 16px;
		background: var(--panel);
		border-bottom: 1px solid var(--rule);
		font-size: 12.5px;
	}
	.bar :global(.sentence) {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 6px;
		white-space: nowrap;
	}
	.bar :global(.sentence label) {
		display: flex;
		align-items: center;
		gap: 5px;
		white-space: nowrap;
	}
	.bar :global(.sentence .choice) {
		width: auto;
	}
	.bar :global(input[type='range']) {
		width: 96px;
	}
	.bar :global(input[type='range']),
	.bar :global(input[type='checkbox']) {
		accent-color: var(--ink);
	}
</style>
