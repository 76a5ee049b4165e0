<script lang="ts">
	import Button from 'flowbite-svelte/Button.svelte';
	import { RECIPES, type Recipe } from '$lib/core/scale/recipe';
	import { begunAs } from '$lib/core/scale/recipe-defaults';
	import { codesOfScale } from '$lib/core/scale/scale';
	import { RECIPE_WORDS } from '$lib/core/scale/words';
	import { seenHex } from '$lib/drawing/view';
	import { specOf } from '../../scale-of';
	import { type ScalesPlate } from '../../schema';
	import Choices from '$lib/ui/Choices.svelte';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { scaleOn } from '../chosen-scale';
	import { addNext } from '../row-actions';
	import CountFields from './CountFields.svelte';
	import { decide } from './decide';
	import LookPanel from './LookPanel.svelte';
	import MixingChoices from './MixingChoices.svelte';
	import ParentChips from './ParentChips.svelte';
	import RecipeEnd from './RecipeEnd.svelte';

	/** The chosen scale as a sentence whose words can be changed: that is all that decides a scale. */
	let { workbench, plate }: { workbench: Workbench; plate: ScalesPlate } = $props();

	const scale = $derived(scaleOn(workbench, plate));
	const row = $derived(scale ? plate.scales.indexOf(scale) : -1);

	const RECIPE_CHOICES = RECIPES.map((key) => ({
		key,
		name: RECIPE_WORDS[key].name,
		says: RECIPE_WORDS[key].teaches
	}));

	const codesAs = (recipe: Recipe): string[] =>
		scale
			? codesOfScale(specOf({ ...scale, ...begunAs(recipe, scale), pins: [] }, workbench.document.linked)).map((hex) =>
					seenHex(workbench.view, hex)
				)
			: [];
</script>

<div class="bar">
	{#if scale}
		<div class="sentence" role="group" aria-label="What decides row {row + 1}">
			<Choices
				label="Recipe"
				words={RECIPE_WORDS[scale.recipe].name}
				choices={RECIPE_CHOICES}
				chosen={scale.recipe}
				preview={codesAs}
				onchoose={(recipe) => decide(workbench, 'Change the recipe', begunAs(recipe, scale))}
			/>
			<span>of</span>
			<ParentChips {workbench} {plate} {scale} />
			<RecipeEnd {workbench} {scale} />
		</div>
		<CountFields {workbench} {plate} {scale} />
		<div class="sentence" role="group" aria-label="Mixing, spacing and layout">
			<MixingChoices {workbench} {scale} />
			<LookPanel {workbench} {plate} {scale} />
		</div>
	{/if}
	<span class="add"><Button class="act" onclick={() => addNext(workbench, plate)}>Add a scale</Button></span>
</div>

<style>
	.bar {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 6px 10px;
		min-height: 44px;
		padding: 7px 16px;
		background: var(--panel);
		border-bottom: 1px solid var(--rule);
		font-size: 12.5px;
	}
	.sentence {
		display: flex;
		align-items: center;
		gap: 6px;
		white-space: nowrap;
	}
	.add {
		margin-left: auto;
	}
	.sentence :global(.choice) {
		width: auto;
	}
</style>
