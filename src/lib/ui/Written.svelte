<script lang="ts">
	import { writtenBlocks } from '$lib/study/brief/written';

	/** A text with headings, lists and emphasis (CommonMark). Nothing of it is run, and nothing fetched. */
	let { text }: { text: string } = $props();

	const blocks = $derived(writtenBlocks(text));
</script>

<div class="written">
	{#each blocks as { kind, depth, mark, spans }, i (i)}
		<p
			class={kind}
			style:--depth={kind === 'heading' ? 0 : depth}
			role={kind === 'heading' ? 'heading' : undefined}
			aria-level={kind === 'heading' ? depth + 3 : undefined}
		>
			{#if kind === 'item'}<span class="mark">{mark}</span>{/if}
			<span
				>{#each spans as { text: words, strong, emphasis }, k (k)}{#if strong}<strong>{words}</strong
						>{:else if emphasis}<em>{words}</em>{:else}{words}{/if}{/each}</span
			>
		</p>
	{/each}
</div>

<style>
	.written {
		display: grid;
		gap: 7px;
		font: 400 13.5px/1.42 var(--font-serif);
		overflow-wrap: anywhere;
	}
	p {
		padding-left: calc(14px * var(--depth));
	}
	.heading {
		margin-top: 4px;
		font-size: 15.5px;
		font-weight: 560;
		line-height: 1.2;
	}
	.item {
		display: grid;
		grid-template-columns: 16px 1fr;
	}
	.mark {
		font-size: 12px;
		color: var(--soft);
	}
</style>
