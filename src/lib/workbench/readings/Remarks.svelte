<script lang="ts">
	import { type Snippet } from 'svelte';
	import { type Remark } from '$lib/core/remark';
	import Verdict from './Verdict.svelte';

	interface Props {
		remarks: readonly Remark[];
		/** The action that would mend what a remark says. */
		mend?: Snippet<[NonNullable<Remark['mend']>]>;
	}

	/** What readings come to, in words. */
	let { remarks, mend }: Props = $props();
</script>

<ul>
	{#each remarks as remark, i (i)}
		<li>
			<Verdict verdict={remark.verdict} />
			<span>
				{remark.words}
				{#if remark.mend && mend}{@render mend(remark.mend)}{/if}
			</span>
		</li>
	{/each}
</ul>

<style>
	ul {
		display: grid;
		gap: 6px;
		margin: 0;
		padding: 9px 0 0;
		border-top: 1px solid var(--rule);
		list-style: none;
		font-size: 12.5px;
	}
	li {
		display: grid;
		grid-template-columns: 17px 1fr;
		gap: 6px;
	}
</style>
