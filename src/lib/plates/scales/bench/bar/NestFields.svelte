<script lang="ts">
	import RangeField from '$lib/ui/RangeField.svelte';
	import { usualNest } from '../../forms/nested';
	import { type Nest, type ScaleLook } from '../../look';

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

<RangeField
	label="Largest figure"
	before="largest"
	after="{hundredths(nest.most)} %"
	said="{hundredths(nest.most)} % of the room"
	value={hundredths(nest.most)}
	least={Math.max(5, hundredths(nest.least) + 3)}
	most={100}
	step={1}
	onset={(size) => onset({ ...nest, most: size / 100 })}
/>
<RangeField
	label="Smallest figure"
	before="smallest"
	after="{hundredths(nest.least)} %"
	said="{hundredths(nest.least)} % of the room"
	value={hundredths(nest.least)}
	least={2}
	most={Math.min(95, hundredths(nest.most) - 3)}
	step={1}
	onset={(size) => onset({ ...nest, least: size / 100 })}
/>
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
