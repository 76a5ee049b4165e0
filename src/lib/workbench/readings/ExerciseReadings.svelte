<script lang="ts">
	import { type Snippet } from 'svelte';
	import { type Remark } from '$lib/core/remark';
	import { type Workbench } from '../study/workbench.svelte';
	import ColourTable from './ColourTable.svelte';
	import Remarks from './Remarks.svelte';

	interface Props {
		workbench: Workbench;
		/** What the exercise is called, and one sentence on it. */
		words: { readonly name: string; readonly says: string };
		colours: readonly { readonly name: string; readonly hex: string }[];
		remarks: readonly Remark[];
		/** What else belongs to the exercise. */
		children?: Snippet;
	}

	/** The readings of an exercise: what it is, its colours, and what it comes to. */
	let { workbench, words, colours, remarks, children }: Props = $props();
</script>

<section class="readings" aria-label="Readings">
	<h2>{words.name}</h2>
	<p>{words.says}</p>
	<ColourTable {workbench} {colours} />
	<Remarks {remarks} />
	{@render children?.()}
</section>

<style>
	.readings {
		display: flex;
		flex-direction: column;
		gap: 10px;
		padding: 14px 18px;
	}
	h2 {
		font-size: 18px;
		line-height: 1.1;
	}
	p,
	.readings > :global(p) {
		font-size: 12px;
		color: var(--soft);
	}
</style>
