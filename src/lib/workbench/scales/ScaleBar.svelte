<script lang="ts">
	import ArrowDownOutline from 'flowbite-svelte-icons/ArrowDownOutline.svelte';
	import ArrowUpOutline from 'flowbite-svelte-icons/ArrowUpOutline.svelte';
	import FileCopyOutline from 'flowbite-svelte-icons/FileCopyOutline.svelte';
	import MinusOutline from 'flowbite-svelte-icons/MinusOutline.svelte';
	import PlusOutline from 'flowbite-svelte-icons/PlusOutline.svelte';
	import TrashBinOutline from 'flowbite-svelte-icons/TrashBinOutline.svelte';
	import Button from 'flowbite-svelte/Button.svelte';
	import Select from 'flowbite-svelte/Select.svelte';
	import { show } from '$lib/core/colour/shown';
	import { MOST_BETWEEN } from '$lib/core/scale/scale';
	import { METHOD_WORDS, RECIPE_WORDS, SPACING_WORDS } from '$lib/core/scale/words';
	import { colourOf, linkedOf, textOf, usedParents } from '$lib/drawing/resolve';
	import { OFFERED_METHODS, OFFERED_RECIPES, OFFERED_SPACINGS } from '$lib/model/offered';
	import { type ScaleDecision, type ScalesPlate } from '$lib/model/plate';
	import { decideScale } from '../study/edits';
	import { type Workbench } from '../study/workbench.svelte';
	import { addNext, deleteChosen, duplicateChosen, moveChosen } from './row-actions';

	/** The chosen scale as a sentence whose words can be changed: that is all that decides a scale. */
	let { workbench, plate }: { workbench: Workbench; plate: ScalesPlate } = $props();

	const scale = $derived(workbench.scale);
	const row = $derived(scale ? plate.scales.indexOf(scale) : -1);

	type Decisions = Partial<Omit<ScaleDecision, 'id'>>;

	function decide(label: string, decisions: Decisions, gesture: string | null = null) {
		if (scale) workbench.edit(label, decideScale(plate.id, scale.id, decisions), gesture);
	}

	/** One of a list of choices, by its value in the page; anything else is left alone. */
	const oneOf = <T extends string>(choices: readonly T[], value: string): T | undefined =>
		choices.find((choice) => choice === value);

	const setBetween = (between: number) =>
		decide(
			'Set the number of steps',
			{ between: Math.max(0, Math.min(MOST_BETWEEN, Math.round(between))) },
			`count ${scale?.id}`
		);

	/** Reads a typed count; what is no number leaves the count as it was, and the field says it again. */
	function typeCount(field: HTMLInputElement, offset: number) {
		const typed = Number(field.value);
		if (field.value.trim() !== '' && Number.isFinite(typed)) setBetween(typed - offset);
		field.value = String((scale?.between ?? 0) + offset);
	}
</script>

<div class="bar">
	{#if scale}
		<div class="sentence" role="group" aria-label="What decides row {row + 1}">
			<Select
				class="choice recipe"
				classes={{ select: 'field' }}
				aria-label="Recipe"
				placeholder=""
				value={scale.recipe}
				title={RECIPE_WORDS[scale.recipe].teaches}
				onchange={(event) => {
					const recipe = oneOf(OFFERED_RECIPES, event.currentTarget.value);
					if (recipe) decide('Change the recipe', { recipe });
				}}
			>
				{#each OFFERED_RECIPES as recipe (recipe)}<option value={recipe}>{RECIPE_WORDS[recipe].name}</option>{/each}
			</Select>
			<span>of</span>
			{#each usedParents(scale) as source, index (index)}
				{#if index > 0}<span>to</span>{/if}
				{@const text = textOf(source, workbench.document.linked)}
				<button class="act parent" onclick={() => workbench.hold({ kind: 'parent', scale: scale.id, index })}>
					<i style:background={show(colourOf(text)).hex}></i>
					<b>{linkedOf(source, workbench.document.linked)?.name ?? text}</b>
				</button>
			{/each}
			{#if RECIPE_WORDS[scale.recipe].end}<span>to {RECIPE_WORDS[scale.recipe].end}</span>{/if}
		</div>
		<div class="sentence" role="group" aria-label="Number of steps">
			<button
				class="act bare"
				aria-label="One step fewer"
				disabled={scale.between === 0}
				onclick={() => setBetween(scale.between - 1)}
			>
				<MinusOutline size="sm" aria-hidden="true" />
			</button>
			<input
				class="field count"
				inputmode="numeric"
				value={scale.between}
				aria-label="Steps between"
				onchange={(event) => typeCount(event.currentTarget, 0)}
				onkeydown={(event) => {
					if (event.key !== 'ArrowUp' && event.key !== 'ArrowDown') return;
					event.preventDefault();
					setBetween(scale.between + (event.key === 'ArrowUp' ? 1 : -1));
				}}
			/>
			<button
				class="act bare"
				aria-label="One step more"
				disabled={scale.between === MOST_BETWEEN}
				onclick={() => setBetween(scale.between + 1)}
			>
				<PlusOutline size="sm" aria-hidden="true" />
			</button>
			<span>between,</span>
			<input
				class="field count"
				inputmode="numeric"
				value={scale.between + 2}
				aria-label="Steps in all"
				onchange={(event) => typeCount(event.currentTarget, 2)}
			/>
			<span>in all</span>
		</div>
		<div class="sentence" role="group" aria-label="Mixing and spacing">
			<Select
				class="choice method"
				classes={{ select: 'field' }}
				aria-label="Mixing method"
				placeholder=""
				value={scale.method}
				title={METHOD_WORDS[scale.method].says}
				onchange={(event) => {
					const method = oneOf(OFFERED_METHODS, event.currentTarget.value);
					if (method) decide('Change the mixing method', { method });
				}}
			>
				{#each OFFERED_METHODS as method (method)}<option value={method}>mixed {METHOD_WORDS[method].name}</option
					>{/each}
			</Select>
			<Select
				class="choice spacing"
				classes={{ select: 'field' }}
				aria-label="Spacing"
				placeholder=""
				value={scale.spacing}
				title={SPACING_WORDS[scale.spacing].says}
				onchange={(event) => {
					const spacing = oneOf(OFFERED_SPACINGS, event.currentTarget.value);
					if (spacing) decide('Change the spacing', { spacing });
				}}
			>
				{#each OFFERED_SPACINGS as spacing (spacing)}<option value={spacing}>by {SPACING_WORDS[spacing].name}</option
					>{/each}
			</Select>
		</div>
	{/if}
	<div class="actions" role="group" aria-label="Rows">
		{#if scale}
			<button
				class="act bare"
				aria-label="Move the row up"
				title="Move the row up (Alt ↑)"
				disabled={row === 0}
				onclick={() => moveChosen(workbench, -1)}
			>
				<ArrowUpOutline size="sm" aria-hidden="true" />
			</button>
			<button
				class="act bare"
				aria-label="Move the row down"
				title="Move the row down (Alt ↓)"
				disabled={row === plate.scales.length - 1}
				onclick={() => moveChosen(workbench, 1)}
			>
				<ArrowDownOutline size="sm" aria-hidden="true" />
			</button>
			<button
				class="act bare"
				aria-label="Duplicate the row"
				title="Duplicate the row"
				onclick={() => duplicateChosen(workbench)}
			>
				<FileCopyOutline size="sm" aria-hidden="true" />
			</button>
			<button
				class="act bare"
				aria-label="Delete the row"
				title="Delete the row (Delete)"
				onclick={() => deleteChosen(workbench)}
			>
				<TrashBinOutline size="sm" aria-hidden="true" />
			</button>
		{/if}
		<Button class="act" onclick={() => addNext(workbench)}>Add a scale</Button>
	</div>
</div>

<style>
	.bar {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 6px 14px;
		min-height: 44px;
		padding: 7px 16px;
		background: var(--panel);
		border-bottom: 1px solid var(--rule);
		font-size: 12.5px;
	}
	.sentence,
	.actions {
		display: flex;
		align-items: center;
		gap: 6px;
		white-space: nowrap;
	}
	.actions {
		margin-left: auto;
		gap: 2px;
	}
	.bar :global(.recipe) {
		width: 112px;
	}
	.bar :global(.method) {
		width: 128px;
	}
	.bar :global(.spacing) {
		width: 154px;
	}
	.count {
		width: 34px;
		padding-inline: 4px;
		text-align: center;
	}
	.parent {
		max-width: 116px;
		padding-left: 4px;
	}
	.parent i {
		flex: none;
		width: 20px;
		height: 20px;
	}
	.parent b {
		overflow: hidden;
		font-weight: 500;
		text-overflow: ellipsis;
	}
</style>
