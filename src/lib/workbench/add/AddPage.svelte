<script lang="ts">
	import { tick } from 'svelte';
	import CheckOutline from 'flowbite-svelte-icons/CheckOutline.svelte';
	import { drawPlate } from '$lib/plates/draw-plate';
	import { kindOf, sourcesOf } from '$lib/plates/kinds';
	import { seenDrawing, seenHex } from '$lib/drawing/view';
	import { show } from '$lib/core/colour/shown';
	import { calledBy, colourOf, textOf } from '$lib/model/resolve';
	import PlateDrawing from '$lib/ui/PlateDrawing.svelte';
	import { addShown } from '../index/plate-actions';
	import { type Workbench } from '../study/workbench.svelte';
	import { answers, courseFor, type Shown } from './course';
	import OfferPicture from './OfferPicture.svelte';
	import OwnPicture from './OwnPicture.svelte';

	/** Every exercise there is as a picture in the colours of the study, in the order of a course: to be looked through, and added. */
	let { workbench, onclose }: { workbench: Workbench; onclose: () => void } = $props();

	// Made once: the study does not change while exercises are looked through.
	// svelte-ignore state_referenced_locally
	const course = courseFor(workbench.decided);
	const linked = $derived(workbench.decided.linked);

	let words = $state('');
	const parts = $derived(
		course
			.map((part) => ({ ...part, exercises: part.exercises.filter((each) => answers(each, part, words)) }))
			.filter(({ exercises }) => exercises.length > 0)
	);
	const all = $derived(parts.flatMap(({ exercises }) => exercises));
	const count = course.reduce((sum, { exercises }) => sum + exercises.length, 0);

	/** The one that is pointed at or has the focus, shown larger; the first that the study has none of, before that. */
	let pointed = $state.raw<Shown | null>(null);
	const likely = $derived(all.find(({ inStudy }) => !inStudy) ?? all[0] ?? null);
	const larger = $derived(pointed && all.includes(pointed) ? pointed : likely);
	const next = $derived(larger && (all[all.indexOf(larger) + 1] ?? null));

	const ROMAN = ['I', 'II', 'III', 'IV', 'V', 'VI', 'VII', 'VIII'];

	/** Colours that the larger one is drawn with, each once. */
	const drawnWith = $derived.by(() => {
		// What is to be matched by eye is not told beforehand.
		if (!larger || kindOf(larger.plate).byEye?.(larger.plate)) return [];
		const named = sourcesOf(larger.plate).map((source) => ({
			name: calledBy(source, linked),
			hex: seenHex(workbench.view, show(colourOf(textOf(source, linked))).hex)
		}));
		return named.filter(({ name }, i) => i === named.findIndex((other) => other.name === name)).slice(0, 6);
	});

	function take(shown: Shown) {
		addShown(workbench, shown.plate);
		onclose();
	}

	let grid = $state<HTMLElement>();
	const focused = (tile: HTMLElement) => tile.focus();

	/** Arrow keys go from picture to picture, up and down to the one that lies nearest. */
	function goByKey(event: KeyboardEvent) {
		const tiles = [...(grid?.querySelectorAll<HTMLElement>('.tile') ?? [])];
		const at = tiles.findIndex((tile) => tile === document.activeElement);
		if (at < 0) return;
		const along = { ArrowRight: 1, ArrowLeft: -1 }[event.key];
		const down = { ArrowDown: 1, ArrowUp: -1 }[event.key];
		let to: HTMLElement | undefined;
		if (along !== undefined) to = tiles[at + along];
		else if (down !== undefined) to = nearest(tiles, tiles[at]!, down);
		else if (event.key === 'Home') to = tiles[0];
		else if (event.key === 'End') to = tiles.at(-1);
		else return;
		event.preventDefault();
		to?.focus();
	}

	function nearest(tiles: readonly HTMLElement[], from: HTMLElement, down: number): HTMLElement | undefined {
		const { left, top } = from.getBoundingClientRect();
		const beyond = tiles
			.map((tile) => ({ tile, box: tile.getBoundingClientRect() }))
			.filter(({ box }) => (box.top - top) * down > 10)
			.sort((a, b) => Math.abs(a.box.top - top) - Math.abs(b.box.top - top));
		const row = beyond.filter(({ box }) => Math.abs(box.top - beyond[0]!.box.top) < 10);
		return row.sort((a, b) => Math.abs(a.box.left - left) - Math.abs(b.box.left - left))[0]?.tile;
	}

	async function toTiles() {
		await tick();
		grid?.querySelector<HTMLElement>('.tile')?.focus();
	}
</script>

<svelte:window onkeydown={(event) => event.key === 'Escape' && onclose()} />

<main id="exercises" class="add" aria-labelledby="add-title">
	<div class="course">
		<header>
			<h1 id="add-title">Add a plate</h1>
			<p>{count} exercises in the order of a course <CheckOutline size="xs" aria-hidden="true" /> in this study</p>
			<input
				class="field"
				type="search"
				placeholder="grey, border, transparent …"
				aria-label="Find an exercise"
				bind:value={words}
				onkeydown={(event) => {
					if (event.key === 'Enter' && larger) take(larger);
					if (event.key === 'ArrowDown') void toTiles();
				}}
			/>
			<button class="act" onclick={onclose}>Back <kbd>Esc</kbd></button>
		</header>
		<!-- svelte-ignore a11y_no_noninteractive_element_interactions -->
		<div class="grid" role="group" aria-label="Exercises" bind:this={grid} onkeydown={goByKey}>
			{#each parts as { name, says, exercises } (name)}
				<div class="leader">
					<div>
						<i aria-hidden="true">{ROMAN[course.findIndex((part) => part.name === name)]}</i>
						<h2>{name}</h2>
					</div>
					<em>{says}</em>
				</div>
				{#each exercises as shown (shown.id)}
					<button
						class="tile"
						class:larger={larger?.id === shown.id}
						tabindex={larger?.id === shown.id ? 0 : -1}
						aria-label="{shown.number}. {shown.name}. {shown.says}{shown.inStudy ? ' In this study.' : ''}"
						{@attach larger?.id === shown.id && pointed === null && words === '' && focused}
						onpointerenter={() => (pointed = shown)}
						onfocus={() => (pointed = shown)}
						onclick={() => take(shown)}
					>
						<OfferPicture {shown} {linked} view={workbench.view} />
						<b>
							<i>{shown.number}</i>
							{shown.name}
							{#if shown.inStudy}<CheckOutline size="xs" aria-hidden="true" />{/if}
						</b>
						<small>{shown.says}</small>
					</button>
				{/each}
			{/each}
		</div>
		{#if all.length === 0}
			<p class="none" role="status">No exercise has these words. Fewer or other words find more.</p>
		{/if}
	</div>
	{#if larger}
		<aside aria-label="The exercise that is pointed at">
			<p class="number"><i>{larger.number}</i> {parts.find(({ exercises }) => exercises.includes(larger))?.name}</p>
			<h2>{larger.name}</h2>
			<div class="drawing">
				<PlateDrawing drawing={seenDrawing(workbench.view, drawPlate(larger.plate, linked, 'colours'))} />
			</div>
			<p class="says">{larger.says}</p>
			{#if larger.source}<p class="source">{larger.source}</p>{/if}
			{#if drawnWith.length > 0}
				<p class="with">Drawn with</p>
				<ul>
					{#each drawnWith as { name, hex } (name)}<li><i style:background={hex}></i>{name}</li>{/each}
				</ul>
			{/if}
			<button class="act main" onclick={() => take(larger)}>
				Add as plate {workbench.decided.plates.length + 1} <kbd>Enter</kbd>
			</button>
			{#if kindOf(larger.plate).pictures?.begin}<OwnPicture {workbench} onbrought={onclose} />{/if}
			{#if next}<p class="next">Next in a course: <i>{next.number}</i> {next.name}</p>{/if}
		</aside>
	{/if}
</main>

<style>
	.add {
		display: grid;
		grid-column: 1 / -1;
		grid-row: 2 / -1;
		grid-template-columns: minmax(0, 1fr) 312px;
		min-height: 0;
		background: #c8c8c8;
		color: #1c1c1c;
	}
	.course {
		display: flex;
		flex-direction: column;
		min-height: 0;
	}
	header {
		display: flex;
		align-items: center;
		gap: 14px;
		padding: 10px 20px;
	}
	h1,
	h2 {
		font-size: 25px;
		line-height: 1.1;
		white-space: nowrap;
	}
	header p {
		display: flex;
		flex: 1;
		align-items: center;
		gap: 3px;
		font-size: 12px;
	}
	header input {
		width: 190px;
	}
	kbd {
		margin-left: 4px;
		font: inherit;
		opacity: 0.75;
	}
	.grid {
		display: grid;
		grid-template-columns: repeat(auto-fill, minmax(108px, 1fr));
		/* As high as what stands in them, however many there are: the page scrolls. */
		grid-auto-rows: max-content;
		align-content: start;
		gap: 14px 9px;
		padding: 4px 20px 20px;
		overflow-y: auto;
	}
	.leader > div {
		display: flex;
		flex-direction: column;
		justify-content: space-between;
		aspect-ratio: 792 / 560;
		padding: 6px 8px;
		background: #303030;
		color: #fff;
	}
	.leader i,
	.tile i,
	.number i,
	.next i {
		font: italic 15px/1.1 var(--font-serif);
	}
	.leader h2 {
		font-size: 15.5px;
		white-space: normal;
		line-height: 1.05;
	}
	em {
		display: block;
		margin-top: 3px;
		font: italic 12.5px/1.15 var(--font-serif);
	}
	.tile {
		align-self: start;
		text-align: left;
		cursor: pointer;
	}
	.tile.larger {
		outline: 2px solid #1c1c1c;
		outline-offset: 3px;
	}
	.tile:focus-visible {
		outline: 3px double #1c1c1c;
		outline-offset: 3px;
		box-shadow: none;
	}
	b {
		display: block;
		margin-top: 4px;
		font: 500 13.5px/1.15 var(--font-serif);
	}
	b :global(svg) {
		display: inline;
	}
	small {
		display: block;
		font-size: 11px;
		line-height: 1.2;
	}
	aside {
		display: flex;
		flex-direction: column;
		gap: 9px;
		padding: 14px 18px;
		overflow-y: auto;
		background: var(--panel);
		border-left: 1px solid var(--rule);
	}
	.drawing {
		position: relative;
		outline: 1px solid #00000030;
	}
	.number,
	.source,
	.with,
	.next {
		font-size: 12px;
		color: var(--soft);
	}
	.says {
		font: 400 16px/1.4 var(--font-serif);
	}
	.with {
		padding-top: 8px;
		border-top: 1px solid var(--rule);
	}
	ul {
		display: flex;
		flex-wrap: wrap;
		gap: 5px 14px;
		margin: 0;
		padding: 0;
		list-style: none;
		font-size: 12.5px;
	}
	li {
		display: flex;
		align-items: center;
		gap: 6px;
	}
	li i {
		width: 16px;
		height: 16px;
	}
	aside .main {
		justify-content: space-between;
		margin-top: 4px;
	}
	.none {
		padding: 20px;
	}
	@media (max-width: 800px) {
		.add {
			display: block;
		}
		header {
			flex-wrap: wrap;
		}
	}
</style>
