<script lang="ts">
	import IconButton from '$lib/ui/IconButton.svelte';
	import CloseOutline from 'flowbite-svelte-icons/CloseOutline.svelte';
	import PlusOutline from 'flowbite-svelte-icons/PlusOutline.svelte';
	import { show } from '$lib/core/colour/shown';
	import { usedParents } from '../../scale-of';
	import { calledBy, colourOf, textOf } from '$lib/model/resolve';
	import { seenHex } from '$lib/drawing/view';
	import { type TakenColour } from '$lib/model/colour-text';
	import { type ScalesPlate } from '../../schema';
	import { LEAST_PARENTS, MOST_PARENTS, type ScaleDecision } from '../../scale';
	import ColourChip from '$lib/ui/ColourChip.svelte';
	import { placeOn } from '../chosen-scale';
	import { putParent } from '../put-parent';
	import { placesOf, removeParent, setParent } from '../../scale-edits';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';

	interface Props {
		workbench: Workbench;
		plate: ScalesPlate;
		scale: ScaleDecision;
	}

	/** The parents that the recipe uses, each a click away from the mixer; of a path, as many as wanted. */
	let { workbench, plate, scale }: Props = $props();

	const parents = $derived(usedParents(scale));
	const isPath = $derived(scale.recipe === 'path');
	/** Many parents stand as colours alone, without their names. */
	const brief = $derived(parents.length > 2);
	const held = $derived.by((): number => {
		const place = placeOn(workbench);
		return place?.kind === 'parent' && place.scale === scale.id ? place.index : 0;
	});

	/** A further parent in the middle of the widest part of the path. */
	function add() {
		const places = placesOf(scale);
		const widths = places.slice(1).map((place, i) => place - places[i]!);
		const widest = widths.indexOf(Math.max(...widths));
		const share = places[widest]! + widths[widest]! / 2;
		putParent(workbench, 'Add a parent', share);
	}

	function put(index: number, colour: TakenColour) {
		workbench.edit('Take a colour from a palette', setParent(plate.id, scale.id, index, colour));
		workbench.hold({ kind: 'parent', scale: scale.id, index });
	}

	const remove = () => workbench.edit('Remove a parent', removeParent(plate.id, scale.id, held));
</script>

{#each parents as source, index (index)}
	{@const text = textOf(source, workbench.document.linked)}
	{@const name = calledBy(source, workbench.document.linked)}
	{#if index > 0 && !brief}<span>to</span>{/if}
	<ColourChip
		{name}
		fill={seenHex(workbench.view, show(colourOf(text)).hex)}
		{brief}
		label="Parent {index + 1}: {name}"
		onhold={() => workbench.hold({ kind: 'parent', scale: scale.id, index })}
		ontake={(dropped) => put(index, dropped)}
	/>
{/each}
{#if isPath}
	<IconButton
		label="Add a parent"
		title="Add a parent in the widest part of the path"
		disabled={parents.length >= MOST_PARENTS}
		onclick={add}
		icon={PlusOutline}
	/>
	<IconButton
		label="Remove parent {held + 1}"
		disabled={parents.length <= LEAST_PARENTS}
		onclick={remove}
		icon={CloseOutline}
	/>
{/if}
