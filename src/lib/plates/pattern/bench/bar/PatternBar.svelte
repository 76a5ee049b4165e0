<script lang="ts">
	import { LEAST_COLUMNS, MOST_COLUMNS } from '$lib/core/pattern/grid';
	import { symmetriesOf, type Turns } from '$lib/core/pattern/symmetry';
	import CheckField from '$lib/ui/CheckField.svelte';
	import NumberField from '$lib/ui/NumberField.svelte';
	import SelectField from '$lib/ui/SelectField.svelte';
	import PlateBar from '$lib/workbench/study/PlateBar.svelte';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { gridOfPlate } from '../../field';
	import { addClimates, decidePattern, repeatContent, setField } from '../../pattern-edits';
	import { rowsBeside } from '../../make';
	import { surroundingsOf } from '$lib/plates/kinds';
	import { type GridDecision, type PatternPlate } from '../../schema';
	import { sixClimates } from '../../spread';
	import { MIRROR_WORDS, TURN_WORDS } from '../../words';
	import { holdClimate } from '../climate-held';
	import { turnsInWhole } from '../filling';
	import { STROKES, toolOf, type Stroke } from '../tool.svelte';
	import BandFields from './BandFields.svelte';
	import GridChoice from './GridChoice.svelte';

	/** The plate as a sentence whose words can be changed. */
	let { workbench, plate }: { workbench: Workbench; plate: PatternPlate } = $props();

	const tool = $derived(toolOf(workbench));
	const grid = $derived(gridOfPlate(plate));
	const offered = $derived(symmetriesOf(grid));
	const turnKeys = $derived(offered.turns.map((turns) => String(turns) as keyof typeof TURN_WORDS));
	/** What the grid has not stays aside, for one that has it. */
	const turns = $derived(offered.turns.includes(plate.symmetry.turns) ? plate.symmetry.turns : 1);
	const mirror = $derived(offered.mirrors.includes(plate.symmetry.mirror) ? plate.symmetry.mirror : 'none');

	const STROKE_WORDS: Readonly<Record<Stroke, string>> = {
		cells: 'cells',
		runs: 'runs',
		areas: 'areas',
		block: 'blocks'
	};
	const TAKEN_WORDS = { joined: 'outlines joined', cells: 'as cells' } as const;

	const decide = (label: string, decisions: Parameters<typeof decidePattern>[1]) =>
		workbench.edit(label, decidePattern(plate.id, decisions));
	const setGrid = (decisions: Partial<GridDecision>) =>
		workbench.edit('Change the grid', setField(plate.id, { grid: { ...plate.grid, ...decisions } }));
	const setSymmetry = (decisions: Partial<PatternPlate['symmetry']>) =>
		decide('Change what repeats', { symmetry: { ...plate.symmetry, ...decisions } });

	const isSymmetric = $derived(
		plate.symmetry.across + plate.symmetry.down > 0 || plate.symmetry.mirror !== 'none' || plate.symmetry.turns > 1
	);

	function chooseStroke(stroke: Stroke) {
		tool.stroke = stroke;
		tool.block = null;
		if (tool.act === 'take-up' || tool.act === 'replace') tool.act = 'fill';
	}

	const block = $derived(tool.stroke === 'block' && tool.block?.plate === plate.id ? tool.block : null);

	/** Compares the design in several climates; the first time, in as many as are found. */
	function compare() {
		const several = plate.shows === 'climates';
		if (several) {
			decide('Show the design', { shows: 'design' });
			return holdClimate(workbench, plate, 0);
		}
		const added =
			plate.climates.length > 0
				? []
				: sixClimates(plate, rowsBeside(plate, surroundingsOf(workbench.document)), workbench.document.linked);
		workbench.edit('Compare climates', (study) =>
			decidePattern(plate.id, { shows: 'climates' })(addClimates(plate.id, added)(study))
		);
	}
</script>

{#snippet field()}
	<div class="sentence" role="group" aria-label="Grid">
		<GridChoice {workbench} {plate} />
		{#if !plate.drawing && plate.grid.kind !== 'bands'}
			<NumberField
				label={plate.grid.kind === 'rings' ? 'Sectors round' : 'Columns across'}
				value={plate.grid.columns}
				least={LEAST_COLUMNS}
				most={MOST_COLUMNS}
				onset={(columns) => setGrid({ columns })}
			/>
			<span>{plate.grid.kind === 'rings' ? 'round' : 'across'}</span>
		{/if}
		{#if !plate.drawing && plate.grid.kind === 'bands'}<BandFields {workbench} {plate} />{/if}
	</div>
{/snippet}
{#snippet strokes()}
	<div class="strokes" role="radiogroup" aria-label="What a stroke fills">
		{#each STROKES as stroke (stroke)}
			<label class:on={tool.stroke === stroke}>
				<input
					type="radio"
					class="unseen"
					name="stroke"
					checked={tool.stroke === stroke}
					onchange={() => chooseStroke(stroke)}
				/>{STROKE_WORDS[stroke]}</label
			>
		{/each}
	</div>
	{#if block}
		<div class="sentence" role="group" aria-label="The block that was taken">
			<button class="act" onclick={() => (tool.block = { ...block, turns: (block.turns + 1) % turnsInWhole(plate) })}
				>Turn it{block.turns > 0 ? ` (${(360 / turnsInWhole(plate)) * block.turns}°)` : ''}</button
			>
			<button
				class="act"
				aria-pressed={block.mirrored}
				onclick={() => (tool.block = { ...block, mirrored: !block.mirrored })}>Mirror it</button
			>
			<button class="act" onclick={() => (tool.block = null)}>Let it go</button>
		</div>
	{/if}
{/snippet}
{#snippet repeats()}
	<div class="sentence" role="group" aria-label="What repeats while it is filled">
		<span>repeat</span>
		<NumberField
			label="Repeat every so many columns, 0 for none"
			value={plate.symmetry.across}
			least={0}
			most={MOST_COLUMNS}
			onset={(across) => setSymmetry({ across })}
		/>
		<span>across</span>
		{#if turns <= 2}
			<NumberField
				label="Repeat every so many rows, 0 for none"
				value={plate.symmetry.down}
				least={0}
				most={MOST_COLUMNS}
				onset={(down) => setSymmetry({ down })}
			/>
			<span>down</span>
		{/if}
	</div>
{/snippet}
{#snippet symmetry()}
	<div class="sentence" role="group" aria-label="Mirrored and turned while it is filled">
		{#if offered.mirrors.length > 1}
			<SelectField
				label="Mirror"
				choices={offered.mirrors}
				words={MIRROR_WORDS}
				value={mirror}
				onchoose={(chosen) => setSymmetry({ mirror: chosen })}
			/>
		{/if}
		{#if offered.turns.length > 1}
			<SelectField
				label="Turned"
				choices={turnKeys}
				words={TURN_WORDS}
				value={String(turns) as keyof typeof TURN_WORDS}
				onchoose={(chosen) => setSymmetry({ turns: Number(chosen) as Turns })}
			/>
		{/if}
		<button
			class="act"
			disabled={!isSymmetric}
			title="Gives cells that are the same by what repeats the colour of the first of them"
			onclick={() => workbench.edit('Repeat what is here', repeatContent(plate.id))}>Repeat what is here</button
		>
	</div>
{/snippet}
{#snippet look()}
	<div class="sentence" role="group" aria-label="How it is shown and taken away">
		<CheckField words="grid" checked={plate.line} onset={(line) => decide('Show or hide the grid', { line })} />
		{#if !plate.drawing && !['rings', 'bands', 'arcs'].includes(plate.grid.kind)}
			<CheckField words="stretched" checked={plate.grid.stretched} onset={(stretched) => setGrid({ stretched })} />
		{/if}
		<SelectField
			label="Taken away"
			choices={['joined', 'cells'] as const}
			words={TAKEN_WORDS}
			value={plate.taken}
			onchoose={(taken) => decide('Change how it is taken away', { taken })}
		/>
	</div>
{/snippet}
{#snippet end()}
	<button class="act" aria-pressed={plate.shows === 'climates'} onclick={compare}
		>{plate.shows === 'climates' ? 'Back to the design' : 'Compare climates'}</button
	>
{/snippet}

<PlateBar
	parts={plate.shows === 'climates'
		? [field]
		: [
				field,
				strokes,
				...(grid.pitch ? [repeats] : []),
				...(grid.pitch || offered.mirrors.length + offered.turns.length > 2 ? [symmetry] : []),
				look
			]}
	{end}
/>

<style>
	.strokes {
		display: flex;
		border: 1px solid var(--ink);
	}
	.strokes label {
		padding: 5px 8px;
		font-size: 12.5px;
		cursor: pointer;
	}
	.strokes label + label {
		border-left: 1px solid var(--rule);
	}
	.strokes label.on {
		background: var(--ink);
		color: #fff;
		/* Also where the system sets its own colours. */
		text-decoration: underline;
		text-underline-offset: 3px;
	}
	.strokes label:focus-within {
		outline: 2px solid var(--ink);
		outline-offset: 2px;
	}
</style>
