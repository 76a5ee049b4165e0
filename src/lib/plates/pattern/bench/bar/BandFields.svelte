<script lang="ts">
	import { MOST_COLUMNS } from '$lib/core/pattern/grid';
	import { notices } from '$lib/ui/notices.svelte';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { setField } from '../../pattern-edits';
	import { LEAST_BAND, MOST_BAND, type PatternPlate } from '../../schema';

	/** How broad bands are beside each other, as numbers in a row. */
	let { workbench, plate }: { workbench: Workbench; plate: PatternPlate } = $props();

	const bands = $derived(plate.grid.bands);
	const WAYS = [
		{ key: 'across', words: 'Widths across', hint: 'How broad each band is, from left to right: 3 1 4 1' },
		{ key: 'down', words: 'Widths down', hint: 'How broad each band is, from top to bottom; one alone makes stripes' }
	] as const;

	/** The widths in a text; what is none is said, and leaves them as they were. */
	function take(field: HTMLInputElement, key: 'across' | 'down') {
		const words = field.value.split(/[\s,;]+/).filter((word) => word !== '');
		const widths = words.map(Number);
		const wrong = words.find((_, i) => !(widths[i]! >= LEAST_BAND && widths[i]! <= MOST_BAND));
		if (words.length === 0 || words.length > MOST_COLUMNS)
			notices.say(`1 to ${MOST_COLUMNS} widths, as in “3 1 4 1”. They stay as they were.`);
		else if (wrong !== undefined)
			notices.say(`“${wrong}” is no width from ${LEAST_BAND} to ${MOST_BAND}. The widths stay as they were.`);
		else
			workbench.edit(
				'Change the widths of bands',
				setField(plate.id, { grid: { ...plate.grid, bands: { ...bands, [key]: widths } } })
			);
		field.value = plate.grid.bands[key].join(' ');
	}
</script>

{#each WAYS as { key, words, hint } (key)}
	<input
		class="field"
		aria-label={words}
		title={hint}
		value={bands[key].join(' ')}
		onchange={(event) => take(event.currentTarget, key)}
	/>
	<span>{key}</span>
{/each}

<style>
	input {
		width: 110px;
		padding-inline: 6px;
	}
</style>
