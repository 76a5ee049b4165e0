<script lang="ts">
	import { CLIMATES } from '$lib/core/pattern/climates';
	import PenOutline from 'flowbite-svelte-icons/PenOutline.svelte';
	import { seenHex } from '$lib/drawing/view';
	import { asLine } from '$lib/model/line';
	import BesideButton from '$lib/ui/BesideButton.svelte';
	import CheckField from '$lib/ui/CheckField.svelte';
	import IconButton from '$lib/ui/IconButton.svelte';
	import { notices } from '$lib/ui/notices.svelte';
	import RenameField from '$lib/ui/RenameField.svelte';
	import Strip from '$lib/ui/Strip.svelte';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { contentOf, exchangedContent, patchesOf, readingsOf } from '../design';
	import { climateCount, climateName } from '../draw-climates';
	import { addClimates, decidePattern, nameClimate, removeClimate, setColours, takeClimate } from '../pattern-edits';
	import { MOST_CLIMATES, type PatternPlate } from '../schema';
	import { CLIMATE_WORDS, climateOfKind, climatesOfRows, spreadOver } from '../spread';
	import { nameOfColour, perCent } from '../words';
	import { climateHeld, holdClimate } from './climate-held';
	import { rowsFor, type SourceRow } from './colours';
	import { placeOn } from './filling';
	import { previewInCodes } from './previews';
	import { remarksOnClimates } from '../climate-remarks';
	import Remarks from '$lib/workbench/readings/Remarks.svelte';
	import SmallDesign from './SmallDesign.svelte';

	/** The climate that is held: its colours, to be taken or changed; and all of them in a table. */
	let { workbench, plate }: { workbench: Workbench; plate: PatternPlate } = $props();

	const linked = $derived(workbench.document.linked);
	const held = $derived(climateHeld(workbench, plate));
	const climate = $derived(held === 0 ? null : plate.climates[held - 1]!);
	const all = $derived(
		Array.from({ length: climateCount(plate) }, (_, i) => ({
			name: climateName(plate, i),
			readings: readingsOf(plate, linked, i, plate.exchanged)
		}))
	);
	const patches = $derived(patchesOf(plate, linked, held));
	const remarks = $derived(remarksOnClimates(all));
	let naming = $state(false);

	const swapped = $derived(
		previewInCodes(
			plate,
			plate.exchanged ? contentOf(plate) : exchangedContent(plate),
			patches.map(({ hex }) => hex)
		)
	);

	const rows = (): SourceRow[] => rowsFor(workbench, plate).filter(({ colours }) => colours.length > 1);
	const room = $derived(MOST_CLIMATES - plate.climates.length);

	function hold(index: number) {
		workbench.hold({ kind: 'colour', id: plate.colours[index]!.id, climate: climate?.id ?? null });
	}

	function take() {
		if (!climate) return;
		const { id, name } = climate;
		workbench.edit('Take a climate', takeClimate(plate.id, id));
		holdClimate(workbench, plate, 0);
		notices.say(`The design has the colours of “${name}” now.`, { label: 'Undo', run: () => workbench.undo() });
	}

	function remove() {
		if (!climate) return;
		const { id, name } = climate;
		workbench.edit('Take a climate out', removeClimate(plate.id, id));
		notices.say(`“${name}” taken out.`, { label: 'Undo', run: () => workbench.undo() });
	}

	function spread(row: SourceRow, close: () => void) {
		const sources = spreadOver(
			plate,
			row.colours.map(({ source }) => source)
		);
		const byId = new Map(plate.colours.map(({ id }, i) => [id, sources[i]!] as const));
		workbench.edit('Change the colours of a climate', setColours(plate.id, climate?.id ?? null, byId));
		close();
	}

	const add = (added: Parameters<typeof addClimates>[1]) => {
		workbench.edit('Add a climate', addClimates(plate.id, added));
		holdClimate(workbench, workbench.plate as PatternPlate, plate.climates.length + 1);
	};
	const heldColour = $derived(placeOn(workbench)?.id ?? null);
</script>

{#snippet rowList(choose: (row: SourceRow) => void)}
	{#each rows() as row (row.name + (row.plate ?? ''))}
		<button class="offered" onclick={() => choose(row)}>
			<b>{row.name}</b>
			<i><Strip codes={row.colours.map(({ hex }) => seenHex(workbench.view, hex))} /></i>
		</button>
	{:else}
		<p class="hint">This study has no other rows of colours. Add a plate of scales, or a linked colour.</p>
	{/each}
{/snippet}

<section class="readings" aria-label="Readings">
	<header>
		{#if naming && climate}
			<RenameField
				name={climate.name}
				label="Name of the climate"
				onrename={(name) => workbench.edit('Rename a climate', nameClimate(plate.id, climate.id, asLine(name)))}
				onend={() => (naming = false)}
			/>
		{:else}
			<h2>{climateName(plate, held)}</h2>
			{#if climate}
				<IconButton label="Rename this climate" title="Rename" onclick={() => (naming = true)} icon={PenOutline} />
			{/if}
		{/if}
		<p>{held + 1} of {climateCount(plate)}</p>
	</header>
	<div class="colours" role="group" aria-label="Colours of this climate">
		{#each patches as { hex }, i (plate.colours[i]!.id)}
			<button
				class:on={heldColour === plate.colours[i]!.id}
				aria-pressed={heldColour === plate.colours[i]!.id}
				aria-label="{i + 1}, {nameOfColour(plate, i, linked, held)}"
				title={nameOfColour(plate, i, linked, held)}
				style:background={seenHex(workbench.view, hex)}
				onclick={() => hold(i)}
			></button>
		{/each}
	</div>
	<p class="acts">
		{#if climate}
			<button class="act main" onclick={take}>Take this one</button>
		{/if}
		<BesideButton role="group" label="Colours of the climate" kind="act" first="button">
			{#snippet button()}Change its colours{/snippet}
			{#snippet children(close)}{@render rowList((row) => spread(row, close))}{/snippet}
		</BesideButton>
		{#if climate}<button class="act" onclick={remove}>Take it out</button>{/if}
		<BesideButton role="group" label="Add a climate" kind="act" first="button">
			{#snippet button()}Add a climate{/snippet}
			{#snippet children(close)}
				{#if room === 0}
					<p class="hint">A design is compared in {MOST_CLIMATES + 1} climates at most. Take one out first.</p>
				{:else}
					{#each CLIMATES as kind (kind)}
						{@const made = climateOfKind(plate, linked, kind)}
						<button
							class="offered"
							onclick={() => {
								add([made]);
								close();
							}}
						>
							<b>{CLIMATE_WORDS[kind]}</b>
							<i
								><Strip
									codes={made.colours.map((source) =>
										seenHex(workbench.view, 'text' in source ? source.text : '#808080')
									)}
								/></i
							>
						</button>
					{/each}
					{@render rowList((row) => {
						add(climatesOfRows(plate, [{ name: row.name, sources: row.colours.map(({ source }) => source) }]));
						close();
					})}
				{/if}
			{/snippet}
		</BesideButton>
	</p>
	<table>
		<thead>
			<tr><td></td><th scope="col">value</th><th scope="col">chroma</th><th scope="col">warm</th></tr>
		</thead>
		<tbody>
			{#each all as { name, readings }, i (i)}
				<tr class:on={held === i}>
					<th scope="row"><button onclick={() => holdClimate(workbench, plate, i)}>{i + 1} {name}</button></th>
					<td>{readings.meanValue.toFixed(0)}</td>
					<td>{readings.meanChroma.toFixed(2)}</td>
					<td>{perCent(readings.warm)}</td>
				</tr>
			{/each}
		</tbody>
	</table>
	<h3>The same with shares {plate.exchanged ? 'as they were' : 'exchanged'}</h3>
	<div class="swapped"><SmallDesign {workbench} drawing={swapped} /></div>
	<CheckField
		words="shares exchanged in all"
		checked={plate.exchanged}
		onset={(exchanged) => workbench.edit('Exchange the shares', decidePattern(plate.id, { exchanged }))}
	/>
	<Remarks {remarks} />
</section>

<style>
	.readings {
		display: flex;
		flex-direction: column;
		gap: 10px;
		padding: 12px 18px;
		font-size: 12px;
	}
	header {
		display: flex;
		align-items: baseline;
		gap: 6px;
	}
	header p {
		margin-left: auto;
		color: var(--soft);
	}
	h2 {
		font-size: 18px;
		line-height: 1.1;
	}
	h3 {
		font: 400 12px/1.2 var(--font-sans);
		color: var(--soft);
	}
	.colours {
		display: flex;
		height: 34px;
		padding-block: 2px 6px;
	}
	.colours button {
		position: relative;
		flex: 1;
		min-width: 0;
		cursor: pointer;
	}
	.colours .on::after {
		content: '';
		position: absolute;
		inset: auto 0 -6px;
		height: 3px;
		background: var(--ink);
	}
	.acts {
		display: flex;
		flex-wrap: wrap;
		gap: 6px;
	}
	table {
		width: 100%;
		border-collapse: collapse;
	}
	thead th {
		font-weight: 400;
		color: var(--soft);
		text-align: right;
	}
	tbody th {
		font-weight: 400;
		text-align: left;
	}
	tbody th button {
		min-height: 24px;
		text-align: left;
		cursor: pointer;
	}
	tr {
		border-bottom: 1px solid var(--rule);
	}
	td {
		padding-left: 6px;
		text-align: right;
		white-space: nowrap;
	}
	thead th {
		padding-left: 6px;
	}
	.on th,
	.on td {
		font-weight: 600;
	}
	.hint {
		padding: 10px 18px;
	}
</style>
