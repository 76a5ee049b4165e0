<script lang="ts">
	import { afterPause } from '$lib/ui/pause';
	import DotsHorizontalOutline from 'flowbite-svelte-icons/DotsHorizontalOutline.svelte';
	import { onMount, untrack } from 'svelte';
	import { readColour } from '$lib/core/colour/read';
	import { show } from '$lib/core/colour/shown';
	import { seenHex } from '$lib/drawing/view';
	import { benchOf } from '$lib/plates/benches.svelte';
	import { HELPING } from '$lib/model/listed';
	import { asNear, MOST_NEAR, type PaletteContent } from '$lib/model/palette';
	import { coloursOfPlate } from '$lib/plates/draw-plate';
	import { nearnessOf } from '$lib/study/nearness';
	import SelectField from '$lib/ui/SelectField.svelte';
	import { subjectOf } from '../mixer/subject';
	import { type Library } from '$lib/palettes/library.svelte';
	import { dragColour } from '$lib/ui/colour-drag';
	import Menu from '$lib/ui/Menu.svelte';
	import { type Workbench } from '../study/workbench.svelte';
	import { askFor, keepables, keepAsPalette, linkPalette, paletteOf } from './palette-actions';
	import { putInHeld } from './put-colour';

	let { workbench, library }: { workbench: Workbench; library: Library } = $props();

	const MOST_IN_ROW = 8;

	onMount(() => void library.load());

	const plate = $derived(workbench.plate);
	const bench = $derived(plate && benchOf(plate));
	const kept = $derived(keepables(workbench));

	/** The colours of the plate, where they are few enough for palettes to be compared with all of them. */
	const ofPlate = $derived.by(() => {
		if (!plate) return '';
		const texts = coloursOfPlate(plate, workbench.document.linked).map(({ hex }) => hex);
		return texts.length <= MOST_NEAR ? asNear(texts) : '';
	});
	const held = $derived(subjectOf(workbench)?.text ?? '');

	const ORDERS = ['own', 'held', 'plate'] as const;
	const ORDER_WORDS = {
		own: 'in their own order',
		held: 'nearest to the held colour first',
		plate: 'nearest to this plate’s colours first'
	} as const;
	let order = $state<(typeof ORDERS)[number]>('own');
	const orders = $derived(
		ORDERS.filter((each) => each === order || (each === 'own' ? true : each === 'held' ? held !== '' : ofPlate !== ''))
	);
	/** Compared anew when the colours are others, once a gesture is over. */
	const lookNear = afterPause<string>((near) => void library.load({ near, most: HELPING }));
	$effect(() => {
		const near = order === 'held' ? held : order === 'plate' ? ofPlate : '';
		if (untrack(() => library.query.near) !== near) lookNear(near);
	});
	const nearnessWords = (palette: PaletteContent): string => {
		const { near } = library.query;
		const found = near === '' ? null : nearnessOf(palette, near);
		return found ? `${found.distance.toFixed(1)} ΔE00 off${near.includes(';') ? ' in the mean' : ''}` : '';
	};

	const search = afterPause<string>((words) => void library.load({ words, most: HELPING }));

	/** Rows of one length, as far as that goes: ten colours stand as five and five. */
	const columnsFor = (count: number): number => Math.max(1, Math.ceil(count / Math.ceil(count / MOST_IN_ROW)));

	const hexOf = (text: string): string => seenHex(workbench.view, show(readColour(text)).hex);
</script>

<section aria-label="Palettes">
	<p class="says">
		Click a colour to put it where the mixer stands, or drag it onto a parent.
		<span class="target"><a href="/palettes">All palettes</a></span>
	</p>
	<input
		class="field"
		type="search"
		value={library.query.words}
		placeholder="Find palettes"
		aria-label="Find palettes"
		maxlength="120"
		oninput={(event) => search(event.currentTarget.value)}
	/>
	<SelectField
		label="Order of the palettes"
		choices={orders}
		words={ORDER_WORDS}
		value={order}
		onchoose={(each) => (order = each)}
	/>
	<div class="keep" role="group" aria-label="Keep as a palette">
		<span>Keep</span>
		{#each kept as set (set.what)}
			<button class="act" onclick={() => void keepAsPalette(library, paletteOf(workbench, set))}
				>{set.what.toLowerCase()}</button
			>
		{/each}
	</div>
	<ul>
		{#each library.palettes as palette (palette.id)}
			<li>
				<div class="name">
					<h2>{palette.name}</h2>
					{#if nearnessWords(palette)}<small>{nearnessWords(palette)}</small>{/if}
					<Menu
						kind="act bare"
						label="{palette.name}: what to do"
						items={[
							...(plate ? (bench?.withPalette?.(workbench, plate, palette) ?? []) : []),
							...askFor(workbench, palette),
							{
								label: 'Add its colours as linked colours',
								disabled: palette.colours.length === 0,
								run: () => linkPalette(workbench, palette)
							}
						]}><DotsHorizontalOutline size="sm" aria-hidden="true" /></Menu
					>
				</div>
				<div class="colours" style:--columns={columnsFor(palette.colours.length)}>
					{#each palette.colours as { name, text }, i (i)}
						<button
							draggable="true"
							style:background={hexOf(text)}
							title="{name}, {text}"
							aria-label="{name}, {text}"
							ondragstart={(event) => dragColour(event, { text, name })}
							onclick={() => putInHeld(workbench, { text, name })}
						></button>
					{/each}
				</div>
			</li>
		{/each}
	</ul>
	{#if !library.loaded}
		<p role="status">Looking for palettes …</p>
	{:else if library.palettes.length === 0}
		<p>{library.query.words ? 'No palette has these words.' : 'No palettes yet. Keep this scale as the first one.'}</p>
	{/if}
	{#if library.more}
		<button class="act" onclick={() => void library.load({ most: library.query.most + HELPING })}>Show more</button>
	{/if}
</section>

<style>
	section {
		display: flex;
		flex-direction: column;
		gap: 10px;
		padding: 12px 18px 16px;
	}
	.says,
	section > p,
	.keep {
		font-size: 12px;
		color: var(--soft);
	}
	.says a {
		color: var(--ink);
		text-decoration: underline;
		text-underline-offset: 3px;
		white-space: nowrap;
	}
	.keep {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 6px;
	}
	.keep .act {
		min-height: 24px;
		padding: 2px 8px;
		font-size: 12px;
	}
	ul {
		display: grid;
		gap: 9px;
		margin: 0;
		padding: 0;
		list-style: none;
	}
	.name {
		display: flex;
		align-items: center;
		justify-content: space-between;
		gap: 6px;
	}
	.name :global(.act) {
		min-height: 24px;
		padding: 0 4px;
	}
	small {
		flex: none;
		margin-left: auto;
		color: var(--soft);
	}
	h2 {
		overflow: hidden;
		font-size: 14px;
		text-overflow: ellipsis;
		white-space: nowrap;
	}
	.colours {
		display: grid;
		grid-template-columns: repeat(var(--columns), 1fr);
	}
	.colours button {
		height: 30px;
		cursor: pointer;
	}
	.colours button:focus-visible {
		z-index: 1;
		outline: 2px dashed var(--ink);
		outline-offset: 2px;
	}
</style>
