<script lang="ts">
	import { seenHex } from '$lib/drawing/view';
	import BesideButton from '$lib/ui/BesideButton.svelte';
	import { dragColour } from '$lib/ui/colour-drag';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { textOf } from '$lib/model/resolve';
	import { patchesOf, readingsOf } from '../design';
	import { setAccent } from '../pattern-edits';
	import { type PatternPlate } from '../schema';
	import { nameOfColour, perCent } from '../words';
	import { contentOf } from '../design';
	import { dropColour, followsSomething, rowsFor, takeColours, unlink } from './colours';
	import { fillNumber } from './filling';
	import { toolOf, type Act } from './tool.svelte';

	/** The colours that fill, each by its number and its key, and what else a click can do. */
	let { workbench, plate }: { workbench: Workbench; plate: PatternPlate } = $props();

	const tool = $derived(toolOf(workbench));
	const linked = $derived(workbench.document.linked);
	const patches = $derived(patchesOf(plate, linked));
	const number = $derived(fillNumber(workbench, plate));
	const chosen = $derived(number === null ? null : plate.colours[number]!);
	const follows = $derived(plate.colours.filter(({ source }) => followsSomething(source)).map(({ id }) => id));

	const ACT_WORDS: Readonly<Record<Exclude<Act, 'fill'>, string>> = {
		empty: 'Empty',
		'take-up': 'Take up',
		replace: 'Replace all like it'
	};
	const ACT_SAYS: Readonly<Record<Exclude<Act, 'fill'>, string>> = {
		empty: 'Cells that are clicked lose their colour (Delete)',
		'take-up': 'The next click takes up the colour of a cell (T)',
		replace: 'The next click gives every cell of that colour this one (R)'
	};

	function choose(id: string) {
		tool.act = 'fill';
		workbench.hold({ kind: 'colour', id, climate: null });
	}

	/** Arrow keys go from colour to colour. */
	function goByKey(event: KeyboardEvent, at: number) {
		const by = event.key === 'ArrowRight' ? 1 : event.key === 'ArrowLeft' ? -1 : 0;
		if (by === 0) return;
		event.preventDefault();
		const next = (at + by + plate.colours.length) % plate.colours.length;
		choose(plate.colours[next]!.id);
		const row = (event.currentTarget as HTMLElement).parentElement;
		row?.querySelectorAll<HTMLElement>('button')[next]?.focus();
	}

	const cellsOf = (at: number): number => contentOf(plate).filter((own) => own === at).length;
	const shareOf = (at: number): string => perCent(readingsOf(plate, linked).shares[at]!);
	const key = (at: number): string => (at < 10 ? String((at + 1) % 10) : '');
</script>

<section aria-labelledby="fill-with">
	<header>
		<h2 id="fill-with">Fill with</h2>
		<p>keys 1 to {Math.min(9, plate.colours.length)}{plate.colours.length > 9 ? ' and 0' : ''}</p>
	</header>
	<div class="colours" role="radiogroup" aria-labelledby="fill-with">
		{#each plate.colours as { id, source, accent }, i (id)}
			<button
				role="radio"
				aria-checked={number === i}
				class:on={number === i && tool.act !== 'empty'}
				class:accent
				tabindex={number === i || (number === null && i === 0) ? 0 : -1}
				draggable="true"
				ondragstart={(event) =>
					dragColour(event, { text: textOf(source, linked), name: nameOfColour(plate, i, linked) })}
				aria-label="{i + 1}, {nameOfColour(plate, i, linked)}{accent ? ', accent' : ''}, covers {shareOf(i)}"
				title="{nameOfColour(plate, i, linked)}{key(i) ? ` (key ${key(i)})` : ''}"
				onclick={() => choose(id)}
				onkeydown={(event) => goByKey(event, i)}
			>
				<i style:background={seenHex(workbench.view, patches[i]!.hex)}></i>
				<span>{i + 1}</span>
			</button>
		{/each}
	</div>
	<div class="acts">
		{#each ['empty', 'take-up', 'replace'] as const as act (act)}
			<button
				class="act small"
				aria-pressed={tool.act === act}
				title={ACT_SAYS[act]}
				onclick={() => (tool.act = tool.act === act ? 'fill' : act)}>{ACT_WORDS[act]}</button
			>
		{/each}
	</div>
	<div class="acts">
		<BesideButton role="group" label="Colours to fill with" kind="act small" first=".steps button">
			{#snippet button()}Add colours{/snippet}
			{#snippet children(close)}
				<div class="rows">
					{#each rowsFor(workbench, plate) as { name, colours }, row (row)}
						<p>{name}</p>
						<div class="row">
							<div class="steps" role="group" aria-label={name}>
								{#each colours as { source, name: called, hex }, i (i)}
									<button
										aria-label="{called}, {hex}"
										title="{called}, {hex}"
										style:background={seenHex(workbench.view, hex)}
										onclick={() => takeColours(workbench, plate, [source])}
									></button>
								{/each}
							</div>
							<button
								class="act small"
								onclick={() => {
									takeColours(
										workbench,
										plate,
										colours.map(({ source }) => source)
									);
									close();
								}}>All {colours.length}</button
							>
						</div>
					{:else}
						<p>This study has no other colours yet. A palette gives some, too: open Palettes.</p>
					{/each}
				</div>
			{/snippet}
		</BesideButton>
		{#if chosen}
			<button
				class="act small"
				aria-pressed={chosen.accent === true}
				title="An accent stands apart from the row that is laid by rule"
				onclick={() => workbench.edit('Change the accent', setAccent(plate.id, chosen.id, !chosen.accent))}
				>Accent</button
			>
			<button
				class="act small"
				disabled={plate.colours.length < 2}
				onclick={() => dropColour(workbench, plate, chosen.id, cellsOf(number!))}>Take it out</button
			>
		{/if}
		{#if follows.length > 0}
			<BesideButton role="group" label="Unlink" kind="act small" first="button">
				{#snippet button()}Unlink …{/snippet}
				{#snippet children(close)}
					<div class="rows">
						<p>A colour that is unlinked stays as it is now, whatever becomes of what it followed.</p>
						<p class="acts">
							<button
								class="act"
								disabled={!chosen || !followsSomething(chosen.source)}
								onclick={() => {
									unlink(workbench, plate, [chosen!.id]);
									close();
								}}>This one</button
							>
							<button
								class="act"
								onclick={() => {
									unlink(workbench, plate, follows);
									close();
								}}>All {follows.length}</button
							>
						</p>
					</div>
				{/snippet}
			</BesideButton>
		{/if}
	</div>
</section>

<style>
	section {
		display: grid;
		gap: 8px;
	}
	header {
		display: flex;
		align-items: baseline;
		justify-content: space-between;
	}
	header p {
		color: var(--soft);
	}
	h2 {
		font-size: 18px;
		line-height: 1.1;
	}
	.colours {
		display: grid;
		grid-template-columns: repeat(auto-fill, minmax(25px, 1fr));
		row-gap: 6px;
		padding: 3px 4px 0;
	}
	.colours button {
		position: relative;
		display: grid;
		min-height: 24px;
		text-align: center;
		font-size: 11px;
		cursor: pointer;
	}
	.colours i {
		height: 30px;
	}
	.colours .accent {
		margin-left: 8px;
	}
	.colours .on {
		font-weight: 600;
	}
	/* What fills stands between brackets, away from the colour. */
	.colours .on::before,
	.colours .on::after {
		content: '';
		position: absolute;
		z-index: 1;
		top: -4px;
		height: 38px;
		width: 5px;
		border: 2px solid var(--ink);
		outline: 1px solid #fffb;
	}
	.colours .on::before {
		left: -4px;
		border-right: 0;
	}
	.colours .on::after {
		right: -4px;
		border-left: 0;
	}
	.acts {
		display: flex;
		flex-wrap: wrap;
		gap: 6px;
	}
	.acts :global([aria-pressed='true']) {
		background: var(--ink);
		color: #fff;
	}
	.rows {
		padding: 10px 18px 14px;
		font-size: 12px;
	}
	.rows > p {
		margin: 8px 0 3px;
	}
	.row {
		display: grid;
		grid-template-columns: 1fr auto;
		gap: 8px;
		align-items: center;
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
