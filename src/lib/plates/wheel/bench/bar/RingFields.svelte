<script lang="ts">
	import SelectField from '$lib/ui/SelectField.svelte';
	import { RECIPE_WORDS } from '$lib/core/scale/words';
	import { ringTeaches } from '$lib/core/scheme/chart-words';
	import { MOST_RINGS, RING_RECIPES } from '$lib/core/scheme/hue-chart';
	import { type WheelPlate } from '../../schema';
	import Choices from '$lib/ui/Choices.svelte';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { decide, spokeWith } from './decide';

	interface Props {
		workbench: Workbench;
		plate: WheelPlate;
		side: 'inside' | 'outside';
	}

	/** How many rings lie on one side of the hues, and what they are. */
	let { workbench, plate, side }: Props = $props();

	const rings = $derived(plate[side]);
	const COUNTS = Array.from({ length: MOST_RINGS + 1 }, (_, count) => String(count));
	const COUNT_WORDS = Object.fromEntries(COUNTS.map((count) => [count, count === '0' ? 'no' : count]));
	const RECIPE_CHOICES = RING_RECIPES.map((key) => ({ key, name: RECIPE_WORDS[key].name, says: ringTeaches(key) }));
	/** A side without rings shows what three would be. */
	const shownCount = $derived(rings.count === 0 ? 3 : rings.count);
</script>

<span>{side}</span>
<SelectField
	label="Rings {side}"
	choices={COUNTS}
	words={COUNT_WORDS}
	value={String(rings.count)}
	onchoose={(count) => decide(workbench, `Change the rings ${side}`, { [side]: { ...rings, count: Number(count) } })}
/>
{#if rings.count === 0}
	<span>rings</span>
{:else}
	<Choices
		label="Recipe {side}"
		words={RECIPE_WORDS[rings.recipe].name.toLowerCase()}
		choices={RECIPE_CHOICES}
		chosen={rings.recipe}
		preview={(recipe) => spokeWith(workbench, plate, { [side]: { recipe, count: shownCount } })}
		onchoose={(recipe) => decide(workbench, `Change the rings ${side}`, { [side]: { ...rings, recipe } })}
	/>
{/if}
