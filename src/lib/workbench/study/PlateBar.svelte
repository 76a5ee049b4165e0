<script lang="ts">
	import { onMount, type Snippet } from 'svelte';
	import { type Attachment } from 'svelte/attachments';
	import BesideButton from '$lib/ui/BesideButton.svelte';

	interface Props {
		/** What decides the plate, as a sentence in parts: first what is asked for most. */
		parts: readonly Snippet[];
		/** What stands at the other end. */
		end?: Snippet;
	}

	/** The strip above the board in which a plate is decided. It is one line at any width: the last parts, which have no room, stand behind "More". */
	let { parts, end }: Props = $props();

	const GAP = 14;
	const SIDES = 32;
	/** What the button takes for itself, where there is more. */
	const MORE = 74;

	let room = $state(0);
	let endWidth = $state(0);
	/** How wide each part was when it last stood in the line; what never did is tried there first. */
	let widths = $state.raw<readonly (readonly [Snippet, number])[]>([]);

	const widthOf = (part: Snippet): number | undefined => widths.find(([each]) => each === part)?.[1];

	/** So many parts have room in the line; the first one always stands there. */
	const fitting = $derived.by((): number => {
		if (room === 0) return parts.length;
		const free = room - SIDES - (end ? endWidth + GAP : 0);
		let taken = 0;
		for (let i = 0; i < parts.length; i++) {
			taken += (widthOf(parts[i]!) ?? 0) + (i > 0 ? GAP : 0);
			if (taken > free - (i < parts.length - 1 ? MORE + GAP : 0)) return Math.max(1, i);
		}
		return parts.length;
	});
	const rest = $derived(parts.slice(fitting));

	/** What stands behind "More" may have become narrower there, or by another font: it is tried in the line again. */
	function tryAgain() {
		widths = widths.filter(([part]) => !rest.includes(part));
	}

	onMount(() => void document.fonts.ready.then(tryAgain));

	const measured =
		(snippet: Snippet): Attachment<HTMLElement> =>
		(part) => {
			const observer = new ResizeObserver(() => {
				const width = Math.ceil(part.getBoundingClientRect().width);
				if (width > 0 && widthOf(snippet) !== width)
					widths = [...widths.filter(([part]) => part !== snippet), [snippet, width]];
			});
			observer.observe(part);
			return () => observer.disconnect();
		};
</script>

<div class="bar" bind:clientWidth={room}>
	{#each parts.slice(0, fitting) as part (part)}
		<div class="part" {@attach measured(part)}>{@render part()}</div>
	{/each}
	{#if rest.length > 0}
		<BesideButton role="dialog" label="More that decides the plate" title="More" onclosed={tryAgain}>
			{#snippet button()}More{/snippet}
			<div class="more">
				{#each rest as part (part)}{@render part()}{/each}
			</div>
		</BesideButton>
	{/if}
	{#if end}<div class="end" bind:offsetWidth={endWidth}>{@render end()}</div>{/if}
</div>

<style>
	.bar {
		display: flex;
		align-items: center;
		gap: 14px;
		height: 45px;
		padding: 0 16px;
		overflow: auto hidden;
		scrollbar-width: none;
		background: var(--panel);
		border-bottom: 1px solid var(--rule);
		font-size: 12.5px;
	}
	.part,
	.end {
		flex: none;
	}
	.end {
		margin-left: auto;
	}
	.part,
	.part :global(.sentence) {
		display: flex;
		align-items: center;
		gap: 6px;
		white-space: nowrap;
	}
	.more {
		display: grid;
		gap: 14px;
		padding: 12px 18px;
		font-size: 12.5px;
	}
	.more :global(.sentence) {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 7px;
	}
	.part :global(.sentence label),
	.more :global(.sentence label) {
		display: flex;
		align-items: center;
		gap: 5px;
		white-space: nowrap;
	}
	.more :global(.sentence label) {
		flex-wrap: wrap;
	}
	.part :global(.choice),
	.more :global(.choice) {
		width: auto;
	}
	.part :global(input[type='range']),
	.more :global(input[type='range']) {
		width: 96px;
		accent-color: var(--ink);
	}
	.part :global(input[type='checkbox']),
	.more :global(input[type='checkbox']) {
		accent-color: var(--ink);
	}
	@media (max-width: 800px) {
		.bar {
			height: auto;
			min-height: 45px;
			padding-block: 6px;
		}
	}
</style>
