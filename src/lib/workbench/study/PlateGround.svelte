<script lang="ts">
	import { SHEETS } from '$lib/drawing/sheets';
	import { seenHex } from '$lib/drawing/view';
	import { decidePlate } from '$lib/model/edit-plates';
	import { type PlateBase } from '$lib/model/plate-base';
	import { linkedOf } from '$lib/model/resolve';
	import { sourceFor } from '$lib/model/surroundings';
	import NeutralChoice from '$lib/ui/NeutralChoice.svelte';
	import SelectField from '$lib/ui/SelectField.svelte';
	import { type Workbench } from './workbench.svelte';

	/** The ground of the plate itself, apart from the board on which it lies: white, greys, black, or a linked colour of the study. */
	let { workbench, plate }: { workbench: Workbench; plate: PlateBase } = $props();

	const linked = $derived(workbench.document.linked);
	const chosen = $derived(plate.ground && linkedOf(plate.ground, linked));
	const grey = $derived(plate.ground && 'text' in plate.ground ? plate.ground.text : chosen ? null : SHEETS[0]!.hex);

	const NONE = 'none';
	const words = $derived({
		[NONE]: 'a colour of the study',
		...Object.fromEntries(linked.map(({ id, name }) => [id, name]))
	});

	/** White is what a plate has without a word. */
	const take = (ground: PlateBase['ground']) =>
		workbench.edit('Change the ground of the plate', decidePlate(plate.id, { ground }));
	const takeSheet = (index: number) => take(index === 0 ? undefined : { text: SHEETS[index]!.hex });

	function takeLinked(id: string) {
		const colour = linked.find((each) => each.id === id);
		take(colour && sourceFor(colour));
	}
</script>

<fieldset>
	<legend>Ground of this plate</legend>
	{#each SHEETS as { name, hex }, i (hex)}
		<NeutralChoice
			group="sheet"
			said={name}
			fill={seenHex(workbench.view, hex)}
			checked={grey === hex}
			onchoose={() => takeSheet(i)}
		/>
	{/each}
	{#if linked.length > 0}
		<SelectField
			label="Ground of this plate: a colour of the study"
			choices={[NONE, ...linked.map(({ id }) => id)]}
			{words}
			value={chosen?.id ?? NONE}
			kind="ground-colour"
			onchoose={takeLinked}
		/>
	{/if}
</fieldset>

<style>
	fieldset {
		display: flex;
		align-items: center;
		gap: 3px;
		min-width: 0;
	}
	legend {
		float: left;
		margin-right: 8px;
		white-space: nowrap;
	}
	fieldset :global(.ground-colour) {
		width: 142px;
		margin-left: 6px;
	}
</style>
