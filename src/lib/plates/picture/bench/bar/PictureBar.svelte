<script lang="ts">
	import { ORDERS } from '$lib/core/picture/order';
	import Menu from '$lib/ui/Menu.svelte';
	import NumberField from '$lib/ui/NumberField.svelte';
	import SelectField from '$lib/ui/SelectField.svelte';
	import PlateBar from '$lib/workbench/study/PlateBar.svelte';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { evenGaps, gapsOf, mostBetween } from '../../gradation-of';
	import { decidePicture, setOrder } from '../../picture-edits';
	import { LARGE, LEAST_ALONG, LEAST_COLOURS, MOST_COLOURS, MOST_STEPS, type PicturePlate } from '../../schema';
	import { LARGE_WORDS, ORDER_WORDS } from '../../words';
	import { linkPlaces, scaleThroughPlaces } from '../go-on';
	import { picturesOf } from '../pixels-here.svelte';
	import { findAgain, setLine } from '../taking';
	import PictureChoice from './PictureChoice.svelte';

	/** The plate as a sentence whose words can be changed. */
	let { workbench, plate }: { workbench: Workbench; plate: PicturePlate } = $props();

	const pixels = $derived(picturesOf(workbench).pixels(plate.picture.id));
	const between = $derived(gapsOf(plate).reduce((sum, gap) => sum + gap, 0));
	const most = $derived(mostBetween(plate.places.length));
	const ALONG_WORDS = { places: 'through the places', line: 'along a line' } as const;
	const VALUES = ['2', '3', '4', '5'] as const;
	const VALUE_WORDS = { '2': 'two values', '3': 'three values', '4': 'four values', '5': 'five values' } as const;
	/** A picture whose order is by hand is put so by moving places; it cannot be chosen before. */
	const orders = $derived(ORDERS.filter((order) => order !== 'hand' || plate.order === 'hand'));

	const onward = $derived([
		{ label: 'Make linked colours', run: () => linkPlaces(workbench, plate) },
		{ label: 'Make a scale through them', run: () => scaleThroughPlaces(workbench, plate) },
		{ label: 'Keep them, or find them in palettes', run: () => workbench.showBeside('Palettes') }
	]);

	const decide = (label: string, decisions: Parameters<typeof decidePicture>[1]) =>
		workbench.edit(label, decidePicture(plate.id, decisions));
</script>

{#snippet colours()}
	<div class="sentence" role="group" aria-label="What is taken">
		<NumberField
			label="Colours"
			value={plate.count}
			least={LEAST_COLOURS}
			most={MOST_COLOURS}
			onset={(count) => void findAgain(workbench, plate, 'Change the number of colours', { count })}
		/>
		<span>colours from</span>
		<PictureChoice {workbench} {plate} />
		<SelectField
			label="Order"
			choices={orders}
			words={ORDER_WORDS}
			value={plate.order}
			onchoose={(order) => workbench.edit('Change the order', setOrder(plate.id, order))}
		/>
	</div>
{/snippet}
{#snippet gradation()}
	<div class="sentence" role="group" aria-label="What the gradation goes through">
		<SelectField
			label="Gradation goes"
			choices={['places', 'line'] as const}
			words={ALONG_WORDS}
			value={plate.along}
			onchoose={(along) => decide('Change where the gradation comes from', { along })}
		/>
		{#if plate.along === 'places'}
			<NumberField
				label="Steps between"
				value={between}
				least={0}
				{most}
				onset={(steps) =>
					decide('Change the steps between', { gaps: evenGaps(Math.max(1, plate.places.length - 1), steps) })}
			/>
			<span>between</span>
		{:else}
			<NumberField
				label="Squares along the line"
				value={plate.line.texts.length}
				least={LEAST_ALONG}
				most={MOST_STEPS}
				onset={(count) => pixels && setLine(workbench, plate, pixels, { count }, null)}
			/>
			<span>squares</span>
		{/if}
	</div>
{/snippet}
{#snippet large()}
	<div class="sentence" role="group" aria-label="What is seen">
		<SelectField
			label="Into how many values"
			choices={VALUES}
			words={VALUE_WORDS}
			value={VALUES[plate.values - 2]!}
			onchoose={(values) => decide('Change the values', { values: Number(values) })}
		/>
		<span>large:</span>
		<SelectField
			label="What is largest"
			choices={LARGE}
			words={LARGE_WORDS}
			value={plate.large}
			onchoose={(which) => decide('Change what is largest', { large: which })}
		/>
	</div>
{/snippet}
{#snippet end()}
	<button
		class="act"
		disabled={!pixels}
		title="Looks for them from another beginning; locked places stay"
		onclick={() => void findAgain(workbench, plate, 'Find colours again', { seed: (plate.seed + 1) % 1_000_000 })}
		>Find again</button
	>
	<Menu label="Go on with them" kind="act main" items={onward} />
{/snippet}

<PlateBar parts={[colours, gradation, large]} {end} />
