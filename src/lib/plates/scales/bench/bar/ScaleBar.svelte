<script lang="ts">
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
	import { addNext, nextOn } from '../row-actions';
	import CountFields from './CountFields.svelte';
	import { decide } from './decide';
	import LookPanel from './LookPanel.svelte';
	import MixingChoices from './MixingChoices.svelte';
	import PlateBar from '$lib/workbench/study/PlateBar.svelte';
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

	const codesOfNext = (recipe: Recipe): string[] =>
		codesOfScale(specOf(nextOn(workbench, plate, recipe), workbench.decided.linked)).map((hex) =>
			seenHex(workbench.view, hex)
		);
</script>

{#snippet recipe()}
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
		</div>
	{/if}
{/snippet}
{#snippet ends()}
	{#if scale}<div class="sentence" role="group" aria-label="What the recipe ends in">
			<RecipeEnd {workbench} {scale} />
		</div>{/if}
{/snippet}
{#snippet count()}
	{#if scale}<CountFields {workbench} {plate} {scale} />{/if}
{/snippet}
{#snippet mixing()}
	{#if scale}<div class="sentence" role="group" aria-label="Mixing and spacing">
			<MixingChoices {workbench} {scale} />
		</div>{/if}
{/snippet}
{#snippet layout()}
	{#if scale}<LookPanel {workbench} {plate} {scale} />{/if}
{/snippet}
{#snippet another()}
	<Choices
		label="Add a scale"
		words="Add a scale"
		kind="act"
		choices={RECIPE_CHOICES}
		chosen={null}
		likely={nextOn(workbench, plate).recipe}
		preview={codesOfNext}
		onchoose={(recipe) => addNext(workbench, plate, recipe)}
	/>
{/snippet}

<PlateBar parts={scale ? [recipe, ends, count, mixing, layout] : []} end={another} />
