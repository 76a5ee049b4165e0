<script lang="ts">
	import { readColour } from '$lib/core/colour/read';
	import { show } from '$lib/core/colour/shown';
	import { seenHex } from '$lib/drawing/view';
	import { HELPING } from '$lib/model/listed';
	import { type Palette } from '$lib/model/palette';
	import { Library } from '$lib/palettes/library.svelte';
	import { getBeside } from '$lib/ui/beside.svelte';
	import BesideButton from '$lib/ui/BesideButton.svelte';
	import { afterPause } from '$lib/ui/pause';
	import Strip from '$lib/ui/Strip.svelte';
	import { type Workbench } from '../study/workbench.svelte';

	interface Props {
		workbench: Workbench;
		/** What is done with a palette: "Keep to a palette". */
		label: string;
		/** Does it; also while a palette is only being tried. */
		onchoose: (palette: Palette) => void;
		/** Whether a palette is tried on the plate while it is pointed at; it is unless said. */
		tries?: boolean;
		/** Told when one is taken. */
		ontaken?: () => void;
	}

	/** A palette of the library, chosen by looking where it is needed: tried on the plate while it is pointed at or gone to by key. */
	let { workbench, label, onchoose, tries = true, ontaken }: Props = $props();

	const library = new Library();
	const beside = getBeside();
	const search = afterPause<string>((words) => void library.load({ words, most: HELPING }));

	const codesOf = ({ colours }: Palette): string[] =>
		colours.map(({ text }) => seenHex(workbench.view, show(readColour(text)).hex));
	/** A palette without colours can be looked at, and nothing kept to it. */
	const usable = $derived(library.palettes.filter(({ colours }) => colours.length > 0));

	const attempt = (palette: Palette | null) => beside.trying(tries && palette ? () => onchoose(palette) : null);

	function take(palette: Palette, close: () => void) {
		beside.trying(null);
		onchoose(palette);
		ontaken?.();
		close();
	}
</script>

<BesideButton
	role="dialog"
	{label}
	hint={tries
		? 'Point at a palette, or go to it by key, to try it on the plate. A click or Enter takes it, Escape leaves it.'
		: 'A click or Enter takes a palette, Escape leaves it.'}
	first="input"
	goes=".offered"
	onclosed={() => beside.trying(null)}
>
	{#snippet button()}{label}{/snippet}

	{#snippet children(close)}
		<div class="palettes" {@attach () => void library.load()}>
			<input
				class="field"
				type="search"
				placeholder="Find palettes"
				aria-label="Find a palette"
				maxlength="120"
				oninput={(event) => search(event.currentTarget.value)}
			/>
			{#each usable as palette (palette.id)}
				<button
					class="offered"
					onpointerenter={() => attempt(palette)}
					onpointerleave={() => attempt(null)}
					onfocus={() => attempt(palette)}
					onblur={() => attempt(null)}
					onclick={() => take(palette, close)}
				>
					<b>{palette.name}</b>
					<i><Strip codes={codesOf(palette)} /></i>
				</button>
			{:else}
				<p role="status">
					{#if !library.loaded}Looking for palettes …{:else if library.query.words}No palette has these words.{:else}There
						are no palettes yet. Keep one from a scale or a scheme first.{/if}
				</p>
			{/each}
			{#if library.more}
				<button class="act" onclick={() => void library.load({ most: library.query.most + HELPING })}>Show more</button>
			{/if}
		</div>
	{/snippet}
</BesideButton>

<style>
	.palettes {
		display: grid;
		gap: 4px;
		padding: 10px 18px;
	}
	i {
		display: block;
		height: 20px;
	}
	p {
		font-size: 12px;
		color: var(--soft);
	}
</style>
