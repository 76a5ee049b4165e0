<script lang="ts">
	import { type TakenColour } from '$lib/model/colour-text';
	import IconButton from '$lib/ui/IconButton.svelte';
	import CloseOutline from 'flowbite-svelte-icons/CloseOutline.svelte';
	import PlusOutline from 'flowbite-svelte-icons/PlusOutline.svelte';
	import { mixExercises } from '../../exercises';
	import { parentName, parentsOf } from '../../parents';
	import { seenHex } from '$lib/drawing/view';
	import { LEAST_MIXED, MOST_MIXED, MOST_PARTS } from '../../common';
	import { type MixesPlate } from '../../schema';
	import ColourChip from '$lib/ui/ColourChip.svelte';
	import { addMixParent, removeMixParent, setMixParent, setParts } from '../../mixes-edits';
	import { parentPlace } from '../../places';
	import { surroundingsOf } from '$lib/plates/kinds';
	import { numberHeld } from '../held';
	import { nextColour } from '$lib/model/surroundings';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';

	/** The parents of a mix with their parts; further ones are added, the one that is held is removed. */
	let { workbench, plate }: { workbench: Workbench; plate: MixesPlate } = $props();

	const parents = $derived(parentsOf(plate, workbench.document.linked));
	const withParts = $derived(mixExercises.of(plate).parts ?? false);
	const held = $derived(numberHeld(workbench, 'parent'));

	const hold = (index: number) => workbench.hold(parentPlace(index));

	function put(index: number, colour: TakenColour) {
		workbench.edit('Take a colour from a palette', setMixParent(plate.id, index, colour));
		hold(index);
	}

	/** A typed number of parts; what is none leaves it as it was. */
	function type(field: HTMLInputElement, index: number) {
		const typed = field.value.trim() === '' ? NaN : Number(field.value.replace(',', '.'));
		if (Number.isFinite(typed))
			workbench.edit('Change the parts', setParts(plate.id, index, [Math.round(typed * 10) / 10]));
		field.value = String(plate.parents[index]!.parts);
	}

	function add() {
		const used = plate.parents.map(({ colour }) => colour);
		workbench.edit('Add a parent', addMixParent(plate.id, nextColour(surroundingsOf(workbench.document), used)));
		hold(plate.parents.length - 1);
	}
</script>

{#each parents as { hex }, index (index)}
	<ColourChip
		name={parentName(plate, index, workbench.document.linked)}
		fill={seenHex(workbench.view, hex)}
		held={held === index}
		onhold={() => hold(index)}
		ontake={(colour) => put(index, colour)}
	/>
	{#if withParts}
		<input
			class="field"
			inputmode="decimal"
			value={plate.parents[index]!.parts}
			aria-label="Parts of {parentName(plate, index, workbench.document.linked)}, 0 to {MOST_PARTS}"
			onchange={(event) => type(event.currentTarget, index)}
		/>
	{/if}
{/each}
{#if plate.parents.length < MOST_MIXED}
	<IconButton label="Add a parent" onclick={add} icon={PlusOutline} />
{/if}
{#if plate.parents.length > LEAST_MIXED && held !== null}
	<IconButton
		label="Remove parent {held + 1}"
		onclick={() => workbench.edit('Remove a parent', removeMixParent(plate.id, held))}
		icon={CloseOutline}
	/>
{/if}

<style>
	.field {
		width: 40px;
		padding-inline: 4px;
		text-align: center;
	}
</style>
