<script lang="ts">
	import { sayDay } from '$lib/drawing/say-day';
	import { type Brief } from '$lib/study/brief/brief';
	import Written from '$lib/ui/Written.svelte';

	/** What a brief says to whoever takes it up. */
	let { brief }: { brief: Brief } = $props();

	const facts = $derived(
		[
			['Set by', brief.by],
			['Due', brief.terms.due && sayDay(brief.terms.due)],
			['Worth', brief.terms.worth]
		].filter(([, words]) => words !== '')
	);
</script>

<details open>
	<summary><h2>{brief.title}</h2></summary>
	{#if facts.length > 0}
		<dl>
			{#each facts as [name, words] (name)}
				<dt>{name}</dt>
				<dd>{words}</dd>
			{/each}
		</dl>
	{/if}
	{#if brief.terms.text.trim() !== ''}<Written text={brief.terms.text} />{/if}
	{#if brief.terms.hidden}
		<p>Codes, readings and answers are put away until it is handed in: it is worked by eye.</p>
	{/if}
</details>

<style>
	summary {
		cursor: pointer;
	}
	h2 {
		display: inline;
		font-size: 18px;
		line-height: 1.15;
	}
	dl {
		display: grid;
		grid-template-columns: auto 1fr;
		gap: 2px 10px;
		margin: 8px 0;
		font-size: 12px;
	}
	dt {
		color: var(--soft);
	}
	dd {
		margin: 0;
	}
	p {
		margin-top: 8px;
		font-size: 12px;
		color: var(--soft);
	}
</style>
