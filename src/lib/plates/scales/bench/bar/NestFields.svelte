<script lang="ts">
	import RangeField from '$lib/ui/RangeField.svelte';
	import { usualNest } from '../../forms/nested';
	import { NEST_ENDS, nestLimits, type Nest, type ScaleLook } from '../../look';

	interface Props {
		look: ScaleLook;
		inAll: number;
		onset: (nest: Nest) => void;
	}

	/** How large the figures in each other are, and whether a second set is laid over them. */
	let { look, inAll, onset }: Props = $props();

	const nest = $derived(look.nest ?? usualNest(inAll));
	/** Where a second set begins: far enough off to be one, near enough to cross the first. */
	const SHIFT = 0.3;
	const hundredths = (share: number): number => Math.round(100 * share);
</script>

{#each NEST_ENDS as { key, name, short } (key)}
	{@const [least, most] = nestLimits(nest, key).map(hundredths) as [number, number]}
	<RangeField
		label={name}
		before={short}
		after="{hundredths(nest[key])} %"
		said="{hundredths(nest[key])} % of the room"
		value={hundredths(nest[key])}
		{least}
		{most}
		step={1}
		onset={(size) => onset({ ...nest, [key]: size / 100 })}
	/>
{/each}
<label>
	<input
		type="checkbox"
		checked={nest.second !== null}
		onchange={(event) => onset({ ...nest, second: event.currentTarget.checked ? SHIFT : null })}
	/>
	a second set across the first
</label>
{#if nest.second !== null}
	<RangeField
		label="How far the second set is shifted"
		before="shifted"
		after="{hundredths(nest.second)} %"
		said="{hundredths(nest.second)} % of the largest figure"
		value={hundredths(nest.second)}
		least={2}
		most={100}
		step={1}
		onset={(shift) => onset({ ...nest, second: shift / 100 })}
	/>
{/if}
