<script lang="ts">
	import { z } from 'zod';
	import { keepHere, readHere } from '$lib/client/kept-here';
	import { missingNames } from '$lib/study/handed/on-wall';
	import { drawPlate } from '$lib/plates/draw-plate';
	import DrawingCanvas from '$lib/ui/DrawingCanvas.svelte';
	import Written from '$lib/ui/Written.svelte';
	import { type PinUp } from './pin-up.svelte';

	/** Which plate of the brief hangs, the brief's text, and who of the class is missing. */
	let { pinUp }: { pinUp: PinUp } = $props();

	const brief = $derived(pinUp.brief);

	/** Names of the class, one a line, kept in this browser. */
	// svelte-ignore state_referenced_locally
	const CLASS = `ricercar class ${pinUp.brief.terms.id}`;
	let names = $state(readHere(CLASS, z.string().max(20_000)) ?? '');
	const missing = $derived(
		missingNames(
			names.split('\n').map((name) => name.trim()),
			pinUp.lines
		)
	);
</script>

<aside class="side" aria-label="The brief">
	<ol aria-label="Plates of the brief">
		{#each brief.plates as plate, i (plate.id)}
			{@const drawing = drawPlate(plate, brief.linked, 'colours')}
			<li>
				<button aria-pressed={pinUp.plate === i} onclick={() => (pinUp.plate = i)}>
					<span class="thumb"><DrawingCanvas {drawing} shapes={drawing.shapes} /></span>
					<span>{i + 1}. {plate.title}</span>
				</button>
			</li>
		{/each}
		<li>
			<button aria-pressed={pinUp.plate === null} onclick={() => (pinUp.plate = null)}>All plates of each</button>
		</li>
	</ol>
	<details>
		<summary>The brief</summary>
		<Written text={brief.terms.text} />
	</details>
	<details>
		<summary>The class</summary>
		<label class="class">
			Names, one a line
			<textarea bind:value={names} maxlength="20000" onchange={() => keepHere(CLASS, names)}></textarea>
		</label>
		{#if names.trim() !== ''}
			<p>{missing.length === 0 ? 'Everybody has handed in.' : `Still missing: ${missing.join(', ')}.`}</p>
		{/if}
	</details>
</aside>

<style>
	.side {
		display: flex;
		grid-row: 2 / -1;
		flex-direction: column;
		gap: 14px;
		padding: 12px;
		overflow-y: auto;
		background: var(--panel-low);
	}
	ol {
		display: grid;
		gap: 10px;
		margin: 0;
		padding: 0;
		list-style: none;
	}
	ol button {
		display: grid;
		gap: 4px;
		width: 100%;
		font-size: 12px;
		text-align: left;
		cursor: pointer;
	}
	.thumb {
		outline: 1px solid #00000030;
	}
	ol button[aria-pressed='true'] .thumb {
		outline: 2px solid var(--ink);
	}
	ol button[aria-pressed='true'] {
		font-weight: 600;
	}
	summary {
		font: 500 16px/1.5 var(--font-serif);
		cursor: pointer;
	}
	details p,
	.class {
		font-size: 12px;
		color: var(--soft);
	}
	.class {
		display: grid;
		gap: 4px;
	}
	.class textarea {
		width: 100%;
		min-height: 120px;
		padding: 5px 7px;
		border: 1px solid var(--edge);
		border-radius: 0;
		background: #fff;
		font: 12px/1.4 var(--font-sans);
	}
	@media (max-width: 800px) {
		.side {
			grid-row: auto;
		}
		ol {
			grid-auto-columns: 120px;
			grid-auto-flow: column;
			overflow-x: auto;
		}
	}
</style>
