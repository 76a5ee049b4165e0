<script lang="ts">
	import { SHEETS } from '$lib/drawing/sheets';
	import { seenHex } from '$lib/drawing/view';
	import { decidePlate } from '$lib/model/edit-plates';
	import { type PlateBase } from '$lib/model/plate-base';
	import { linkedOf } from '$lib/model/resolve';
	import { sourceFor } from '$lib/model/surroundings';
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
		<label title={name}>
			<input type="radio" name="sheet" checked={grey === hex} onchange={() => takeSheet(i)} />
			<i style:background={seenHex(workbench.view, hex)}></i>
			<span class="unseen">{name}</span>
		</label>
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
	label {
		display: grid;
		place-items: center;
		position: relative;
		width: 24px;
		height: 24px;
		cursor: pointer;
	}
	input {
		position: absolute;
		inset: 0;
		opacity: 0;
		cursor: pointer;
	}
	/* The swatch itself has no line around it: what is chosen stands between two brackets. */
	i {
		width: 16px;
		height: 16px;
	}
	input:checked ~ i {
		outline: 2px solid var(--on-board);
		outline-offset: 2px;
	}
	input:focus-visible ~ i {
		outline: 3px double var(--on-board);
		outline-offset: 2px;
	}
	fieldset :global(.ground-colour) {
		width: 142px;
		margin-left: 6px;
	}
</style>
