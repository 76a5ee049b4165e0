<script lang="ts">
	import { afterPause } from '$lib/ui/pause';
	import Button from 'flowbite-svelte/Button.svelte';
	import SelectField from '$lib/ui/SelectField.svelte';
	import { readPasted } from '$lib/core/colour/read-pasted';
	import { Problem } from '$lib/core/problem';
	import { type DndEvent } from 'svelte-dnd-action';
	import { type Palette, type PaletteList } from '$lib/model/palette';
	import { HELPING } from '$lib/model/listed';
	import PageHead from '$lib/ui/PageHead.svelte';
	import UndoButtons from '$lib/ui/UndoButtons.svelte';
	import { Library } from './library.svelte';
	import { sortable } from '$lib/ui/sortable';
	import UnreadableList from '$lib/ui/UnreadableList.svelte';
	import PaletteCard from './PaletteCard.svelte';
	import PaletteEditor from './PaletteEditor.svelte';

	let { list }: { list: PaletteList } = $props();

	const library = new Library();
	// The list that came with the page is only where the library begins.
	// svelte-ignore state_referenced_locally
	library.show(list);

	let chosenId = $state<string | null>(null);
	const chosen = $derived(library.palettes.find(({ id }) => id === chosenId) ?? library.palettes[0] ?? null);
	/** The order while a palette is being dragged. */
	let dragged = $state.raw<Palette[] | null>(null);
	const shown = $derived(dragged ?? [...library.palettes]);
	const searching = $derived(library.query.words !== '' || library.query.tag !== '');
	/** Only the list as it was put in order can be put in another order. */
	const orderly = $derived(library.query.near === '');
	let nearComplaint = $state('');

	/** Lists palettes by nearness to a typed colour; an empty field lists them in their own order again. */
	function lookNear(text: string) {
		nearComplaint = '';
		try {
			const near = text.trim() === '' ? '' : readPasted(text).text;
			void library.load({ near, most: HELPING });
		} catch (error) {
			if (!(error instanceof Problem)) throw error;
			nearComplaint = `${error.message} Expected: ${error.expected}.`;
		}
	}

	const search = afterPause<string>((words) => void library.load({ words, most: HELPING }));

	async function make() {
		const kept = await library.keep({ name: 'Untitled palette', maker: '', tags: [], colours: [] });
		if (kept) chosenId = kept.id;
	}

	function drop({ detail }: CustomEvent<DndEvent<Palette>>) {
		const index = detail.items.findIndex(({ id }) => id === detail.info.id);
		dragged = null;
		if (library.palettes[index]?.id !== detail.info.id) library.move(detail.info.id, index);
	}
</script>

<svelte:head><title>Palettes · Ricercar</title></svelte:head>

<div class="page">
	<PageHead here="Palettes" />
	<main id="content" tabindex="-1">
		<div class="tools">
			<h1>Palettes</h1>
			<UndoButtons of={library} />
			<input
				class="field find"
				type="search"
				value={library.query.words}
				placeholder="Find by name, maker, tag or colour"
				aria-label="Find palettes"
				maxlength="120"
				oninput={(event) => search(event.currentTarget.value)}
			/>
			<input
				class="field near"
				type="search"
				value={library.query.near}
				placeholder="Near a colour"
				aria-label="Near a colour, in any CSS syntax"
				aria-invalid={nearComplaint !== ''}
				aria-describedby={nearComplaint ? 'near-complaint' : undefined}
				spellcheck="false"
				maxlength="200"
				onchange={(event) => lookNear(event.currentTarget.value)}
			/>
			<SelectField
				kind="tag"
				label="Tag"
				choices={['', ...library.tags]}
				words={{ '': 'All tags', ...Object.fromEntries(library.tags.map((tag) => [tag, tag])) }}
				value={library.query.tag}
				onchoose={(tag) => void library.load({ tag, most: HELPING })}
			/>
			<Button class="act main" onclick={make}>New palette</Button>
		</div>
		{#if nearComplaint}<p id="near-complaint" class="complaint" role="alert">{nearComplaint}</p>{/if}
		{#if library.palettes.length > 0}
			<div class="halves">
				<div>
					<ol
						aria-label="Palettes"
						use:sortable={{
							items: shown,
							type: 'palettes',
							dragDisabled: !orderly
						}}
						onconsider={(event) => (dragged = event.detail.items)}
						onfinalize={drop}
					>
						{#each shown as palette (palette.id)}
							<li>
								<PaletteCard
									{library}
									{palette}
									chosen={chosen?.id === palette.id}
									onchoose={() => (chosenId = palette.id)}
								/>
							</li>
						{/each}
					</ol>
					{#if library.more}
						<p class="more">
							<button class="act" onclick={() => void library.load({ most: library.query.most + HELPING })}
								>Show more</button
							>
						</p>
					{/if}
				</div>
				{#if chosen}
					{#key chosen.id}<PaletteEditor {library} palette={chosen} />{/key}
				{/if}
			</div>
		{:else if searching}
			<div class="empty">
				<h2>No palette is like that</h2>
				<p>
					<button class="act" onclick={() => void library.load({ words: '', tag: '', near: '' })}
						>Show all palettes</button
					>
				</p>
			</div>
		{:else}
			<div class="empty">
				<h2>There are no palettes yet</h2>
				<p>
					A palette is a row of colours kept for many studies. Make one here, or keep the steps of a scale as one while
					you work on a study.
				</p>
				<p><Button class="act main" onclick={make}>Make the first palette</Button></p>
			</div>
		{/if}
		<UnreadableList ids={library.unreadable} ondelete={(id) => library.remove(id, `The palette ${id}`)} />
	</main>
</div>

<style>
	.page {
		min-height: 100%;
		background: var(--panel-low);
	}
	main {
		max-width: 1240px;
		margin: 0 auto;
		padding: 26px 32px 60px;
	}
	.tools {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 12px;
		margin-bottom: 22px;
	}
	h1 {
		flex: 1;
		font-size: 32px;
		line-height: 1;
	}
	.find {
		width: 236px;
	}
	.near {
		width: 128px;
	}
	.complaint {
		margin: -10px 0 14px;
		font-size: 13px;
		text-align: right;
	}
	.tools :global(.tag) {
		width: 124px;
	}
	.halves {
		display: grid;
		grid-template-columns: minmax(0, 5fr) minmax(0, 7fr);
		align-items: start;
		gap: 30px;
	}
	.halves > :global(section) {
		position: sticky;
		top: 20px;
	}
	ol {
		display: grid;
		gap: 4px;
		margin: 0;
		padding: 0;
		list-style: none;
		outline: none;
	}
	li {
		outline: none;
	}
	.more {
		margin-top: 20px;
		text-align: center;
	}
	.empty {
		display: grid;
		gap: 12px;
		max-width: 470px;
		padding: 28px 32px;
		background: #fff;
		outline: 1px solid #00000030;
	}
	.empty h2 {
		font-size: 22px;
	}
	@media (max-width: 800px) {
		main {
			padding-inline: 16px;
		}
		.halves {
			grid-template-columns: 1fr;
		}
		.halves > :global(section) {
			position: static;
		}
	}
</style>
