<script lang="ts" module>
	/** Colours to choose from in a row, each with what it is called. */
	export interface SwatchRow {
		readonly name: string;
		readonly colours: readonly {
			readonly key: string;
			readonly said: string;
			readonly hex: string;
			readonly shown: string;
		}[];
	}
</script>

<script lang="ts">
	import BesideButton from './BesideButton.svelte';

	interface Props {
		/** What the button says, and what opens beside the plate. */
		words: string;
		label: string;
		/** How the button looks. */
		look?: 'act' | 'start';
		/** Asked only while it is open. */
		rows: () => readonly SwatchRow[];
		onchoose: (key: string, row: number) => void;
	}

	/** A button that opens rows of colours beside the plate, of which one is taken. Left and right go through them, Escape closes. */
	let { words, label, look = 'act', rows, onchoose }: Props = $props();

	let list = $state<HTMLElement>();
	const STEPS: Readonly<Record<string, number>> = { ArrowLeft: -1, ArrowRight: 1 };

	function goByKey(event: KeyboardEvent) {
		const by = STEPS[event.key];
		if (by === undefined || !list) return;
		const all = [...list.querySelectorAll<HTMLElement>('button')];
		const at = all.findIndex((each) => each === document.activeElement);
		if (at < 0) return;
		event.preventDefault();
		all[(at + by + all.length) % all.length]?.focus();
	}
</script>

<BesideButton role="group" {label} kind={look} first=".steps button">
	{#snippet button()}{words}{/snippet}

	<div class="rows" bind:this={list}>
		{#each rows() as { name, colours }, row (row)}
			<p>{name}</p>
			<div class="steps" role="group" aria-label={name}>
				{#each colours as { key, said, hex, shown } (key)}
					<button
						aria-label={said}
						title={hex}
						style:background={shown}
						onclick={() => onchoose(key, row)}
						onkeydown={goByKey}
					></button>
				{/each}
			</div>
		{/each}
	</div>
</BesideButton>

<style>
	.rows {
		padding: 10px 18px 14px;
	}
	p {
		margin: 8px 0 3px;
		font-size: 12px;
	}
	p:first-child {
		margin-top: 0;
	}
	.steps {
		display: flex;
		height: 30px;
	}
	.steps button {
		flex: 1;
		cursor: pointer;
	}
	.steps button:focus-visible {
		z-index: 1;
		outline: 2px dashed var(--ink);
		outline-offset: 2px;
	}
</style>
