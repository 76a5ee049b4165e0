<script lang="ts">
	import CloseOutline from 'flowbite-svelte-icons/CloseOutline.svelte';
	import PlusOutline from 'flowbite-svelte-icons/PlusOutline.svelte';
	import { mixExercises } from '../../exercises';
	import { parentName, parentsOf } from '../../parents';
	import { seenHex } from '$lib/drawing/view';
	import { LEAST_MIXED, MOST_MIXED, MOST_PARTS } from '../../common';
	import { type MixesPlate } from '../../schema';
	import { takesColour } from '$lib/ui/colour-drag';
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

	function put(index: number, text: string) {
		workbench.edit('Take a colour from a palette', setMixParent(plate.id, index, { text }));
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
	<button
		class="act parent"
		class:held={held === index}
		onclick={() => hold(index)}
		{@attach takesColour((text) => put(index, text))}
	>
		<i style:background={seenHex(workbench.view, hex)}></i><b>{parentName(plate, index, workbench.document.linked)}</b>
	</button>
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
	<button class="act bare" aria-label="Add a parent" title="Add a parent" onclick={add}
		><PlusOutline size="sm" aria-hidden="true" /></button
	>
{/if}
{#if plate.parents.length > LEAST_MIXED && held !== null}
	<button
		class="act bare"
		aria-label="Remove parent {held + 1}"
		title="Remove parent {held + 1}"
		onclick={() => workbench.edit('Remove a parent', removeMixParent(plate.id, held))}
		><CloseOutline size="sm" aria-hidden="true" /></button
	>
{/if}

<style>
	.parent {
		max-width: 118px;
		padding-left: 4px;
	}
	.held b {
		font-weight: 600;
		text-decoration: underline;
		text-underline-offset: 3px;
	}
	i {
		flex: none;
		width: 20px;
		height: 20px;
	}
	b {
		overflow: hidden;
		font-weight: 500;
		text-overflow: ellipsis;
		white-space: nowrap;
	}
	.field {
		width: 40px;
		padding-inline: 4px;
		text-align: center;
	}
</style>
