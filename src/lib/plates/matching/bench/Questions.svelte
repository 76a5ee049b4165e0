<script lang="ts">
	import { type LitRegion } from '$lib/core/matching/lit-shares';
	import { questionsOf } from '../questions';

	/** What to ask of a region in place of numbers. */
	let { lit }: { lit: LitRegion | null } = $props();

	const asked = $derived(questionsOf(lit));
	const KINDS = [
		{ key: 'value', name: 'Value' },
		{ key: 'chroma', name: 'Chroma' },
		{ key: 'hue', name: 'Hue' }
	] as const;
</script>

<dl>
	{#each KINDS as { key, name } (key)}
		<div>
			<dt>{name}</dt>
			<dd>{asked[key]}</dd>
		</div>
	{/each}
</dl>

<style>
	dl {
		margin: 0;
	}
	div {
		display: grid;
		grid-template-columns: 62px 1fr;
		gap: 8px;
		padding: 8px 0;
		border-top: 1px solid var(--rule);
		font-size: 12.5px;
	}
	dt {
		font: italic 500 14px/1.25 var(--font-serif);
	}
	dd {
		margin: 0;
	}
</style>
