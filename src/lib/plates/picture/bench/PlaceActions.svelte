<script lang="ts">
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import NumberField from '$lib/ui/NumberField.svelte';
	import CheckField from '$lib/ui/CheckField.svelte';
	import { setPlace, shiftPlace } from '../picture-edits';
	import { MOST_SQUARE, type PicturePlate } from '../schema';
	import { heldOn, placeHeldOn } from './held-place';
	import { picturesOf } from './pixels-here.svelte';
	import { addPlace, movePlace, removePlace, setSize } from './taking';

	/** What can be done with the place or the pixel that is held: set by numbers, locked, put in another order, taken out. */
	let { workbench, plate }: { workbench: Workbench; plate: PicturePlate } = $props();

	const pixels = $derived(picturesOf(workbench).pixels(plate.picture.id));
	const held = $derived(heldOn(workbench));
	const found = $derived(placeHeldOn(workbench, plate));
	const spot = $derived(found?.place ?? (held?.kind === 'pixel' ? held : null));
</script>

{#if spot && pixels}
	<span class="fields">
		{#if found}
			{@const { place, index } = found}
			<span class="line">
				{#each [{ key: 'x', name: 'Across', most: plate.picture.width - 1 }, { key: 'y', name: 'Down', most: plate.picture.height - 1 }] as const as { key, name, most } (key)}
					<label
						>{name}
						<NumberField
							label={name}
							value={place[key]}
							least={0}
							{most}
							onset={(value) =>
								movePlace(workbench, plate, pixels, place.id, { ...place, [key]: value }, `field ${key} ${place.id}`)}
						/></label
					>
				{/each}
				<label
					>Square
					<NumberField
						label="Square, pixels to a side"
						value={plate.size}
						least={1}
						most={MOST_SQUARE}
						onset={(size) => setSize(workbench, plate, pixels, size)}
					/></label
				>
				<CheckField
					words="locked"
					checked={place.locked === true}
					onset={(locked) =>
						workbench.edit(
							locked ? 'Lock a place' : 'Unlock a place',
							setPlace(plate.id, place.id, { locked: locked ? true : undefined })
						)}
				/>
			</span>
			<span class="line">
				<button
					class="act"
					disabled={index === 0}
					onclick={() => workbench.edit('Move a place up', shiftPlace(plate.id, place.id, -1))}>Earlier</button
				>
				<button
					class="act"
					disabled={index === plate.places.length - 1}
					onclick={() => workbench.edit('Move a place down', shiftPlace(plate.id, place.id, 1))}>Later</button
				>
				<button class="act" onclick={() => removePlace(workbench, plate, place.id)}>Take it out</button>
			</span>
		{:else}
			<span class="line">
				<button class="act" onclick={() => addPlace(workbench, plate, pixels, spot)}>Add a place here</button>
			</span>
		{/if}
	</span>
{/if}

<style>
	.fields {
		display: contents;
	}
	.line {
		display: flex;
		flex-wrap: wrap;
		gap: 6px 7px;
		align-items: center;
		font-size: 12px;
	}
	label {
		display: flex;
		gap: 4px;
		align-items: center;
	}
	.line :global(input[type='number']) {
		width: 50px;
		padding-inline: 4px 0;
	}
</style>
