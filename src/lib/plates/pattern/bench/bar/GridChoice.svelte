<script lang="ts">
	import { GRIDS, type GridKind } from '$lib/core/pattern/grid';
	import BesideButton from '$lib/ui/BesideButton.svelte';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { drawnRegions } from '../../drawn';
	import { SHIPPED_DRAWINGS } from '../../drawings/names';
	import { setField } from '../../pattern-edits';
	import { type DrawingDecision, type PatternPlate } from '../../schema';
	import { GRID_WORDS } from '../../words';
	import { previewOfField } from '../previews';
	import SmallDesign from '../SmallDesign.svelte';
	import BringDrawing from './BringDrawing.svelte';

	/** On which grid, or in which drawing, colours are laid: each is seen with the colours of the design, and tried while it is pointed at. */
	let { workbench, plate }: { workbench: Workbench; plate: PatternPlate } = $props();

	const words = $derived(plate.drawing ? drawnRegions(plate.drawing).name : GRID_WORDS[plate.grid.kind]);
	const linked = $derived(workbench.document.linked);
	const decided = $derived(workbench.decidedPlate?.id === plate.id ? (workbench.decidedPlate as PatternPlate) : plate);

	type Field = { readonly kind: GridKind } | { readonly drawing: DrawingDecision };

	function withField(field: Field): PatternPlate {
		const on = 'kind' in field ? { grid: { ...decided.grid, kind: field.kind } } : { drawing: field.drawing };
		return { ...decided, drawing: undefined, ...on };
	}

	function lay(field: Field) {
		const { grid, drawing } = withField(field);
		workbench.edit('Change the grid', setField(plate.id, drawing ? { grid, drawing } : { grid }));
	}

	const attempt = (field: Field | null) => workbench.try(field === null ? null : () => lay(field));

	function take(field: Field, close: () => void) {
		workbench.try(null);
		lay(field);
		close();
	}
	const OPTION = '.option';
</script>

{#snippet offered(field: Field, name: string, on: boolean, close: () => void)}
	<button
		class="offered option"
		aria-pressed={on}
		onclick={() => take(field, close)}
		onpointerenter={() => attempt(field)}
		onpointerleave={() => attempt(null)}
		onfocus={() => attempt(field)}
		onblur={() => attempt(null)}
	>
		<i><SmallDesign {workbench} drawing={previewOfField(withField(field), linked)} /></i>
		<b>{name}</b>
	</button>
{/snippet}

<BesideButton
	role="group"
	label="Grid"
	buttonLabel="Grid: {words}"
	hint="Point, or go by arrow keys, to try it on the plate: cells keep the colour that was at their place. A click takes it, Escape leaves it."
	kind="act choices"
	first=".option[aria-pressed='true']"
	goes={OPTION}
>
	{#snippet button()}<span class="words">{words}</span>{/snippet}
	{#snippet children(close)}
		<div class="two">
			{#each GRIDS as kind (kind)}
				{@render offered({ kind }, GRID_WORDS[kind], !plate.drawing && plate.grid.kind === kind, close)}
			{/each}
		</div>
		<h3>Regions of a drawing</h3>
		<BringDrawing onread={(drawing) => take({ drawing }, close)} />
		<div class="two">
			{#each SHIPPED_DRAWINGS as shipped (shipped)}
				{@const drawing = { shipped }}
				{@render offered(
					{ drawing },
					drawnRegions(drawing).name,
					plate.drawing !== undefined && 'shipped' in plate.drawing && plate.drawing.shipped === shipped,
					close
				)}
			{/each}
		</div>
	{/snippet}
</BesideButton>

<style>
	.words {
		overflow: hidden;
		text-overflow: ellipsis;
	}
	.two {
		display: grid;
		grid-template-columns: 1fr 1fr;
	}
	.option {
		display: grid;
		grid-template: auto auto / 1fr;
		gap: 3px;
		padding-inline: 12px;
	}
	.option:hover,
	.option:focus-visible {
		border-style: dashed;
	}
	.option[aria-pressed='true'] {
		border-color: var(--ink);
		border-style: solid;
	}
	.option b {
		font: 500 14px/1.2 var(--font-serif);
	}
	h3 {
		margin: 10px 18px 4px;
		font: 500 16px/1.2 var(--font-serif);
	}
</style>
