<script lang="ts">
	import { scalesIn } from '$lib/plates/kinds';
	import { nameOfScale } from '$lib/plates/scales/draw-scales';
	import { scaleOf } from '$lib/plates/scales/scale-of';
	import { seenHex } from '$lib/drawing/view';
	import { decideOn } from '../../../bench/decide';
	import Toggles from '../../../bench/Toggles.svelte';
	import { groundExercises } from '../../../exercises';
	import { type GroundsPlate } from '../../../schema';
	import { patchBy } from '$lib/drawing/patch';
	import { rows } from '../rows';
	import { GROUND_ROWS, LEAST_GROUNDS, MOST_GROUNDS } from '../schema';
	import { newId } from '$lib/model/ids';
	import Choices from '$lib/ui/Choices.svelte';
	import NumberField from '$lib/ui/NumberField.svelte';
	import SelectField from '$lib/ui/SelectField.svelte';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { ROW_WORDS } from './row-words';

	/** What stands on the grounds of a row, one figure or a scale of the study, and which grounds they are. */
	let { workbench, plate }: { workbench: Workbench; plate: GroundsPlate } = $props();

	const ONE = 'one figure';
	const settings = $derived(groundExercises.settingsOf(rows, plate));
	const linked = $derived(workbench.document.linked);
	const scales = $derived(scalesIn(workbench.document.plates));
	const choices = $derived([
		{
			key: ONE,
			name: 'One figure',
			says:
				scales.length > 0
					? 'The same colour on every ground.'
					: 'The same colour on every ground. Scales of this study would stand here too.'
		},
		...scales.map(({ scale, title }) => ({ key: scale.id, name: nameOfScale(scale, linked), says: `From “${title}”.` }))
	]);
	const preview = (key: string): string[] => {
		const found = scales.find(({ scale }) => scale.id === key);
		const codes = found
			? scaleOf(found.scale, linked).steps.map(({ hex }) => hex)
			: Array<string>(7).fill(patchBy(plate.figures[0], linked).hex);
		return codes.map((hex) => seenHex(workbench.view, hex));
	};

	function take(key: string) {
		const found = scales.find(({ scale }) => scale.id === key);
		decideOn(rows, workbench, plate, found ? 'Lay a scale over the grounds' : 'Lay one figure over the grounds', {
			scale: found ? { ...found.scale, id: newId() } : null
		});
	}
</script>

<div class="sentence" role="group" aria-label="Row of grounds">
	<Choices
		label="What stands on the grounds"
		words={settings.scale ? 'A scale' : 'One figure'}
		{choices}
		chosen={settings.scale ? '' : ONE}
		{preview}
		onchoose={take}
	/>
	<span>over</span>
	<SelectField
		label="Row of grounds"
		choices={GROUND_ROWS}
		words={ROW_WORDS}
		value={settings.row}
		onchoose={(row) => {
			decideOn(rows, workbench, plate, 'Change the row', { row });
			if (row === 'palette' && !plate.palette) workbench.showBeside('Palettes');
		}}
	/>
	{#if settings.row !== 'palette'}
		<NumberField
			label="Grounds"
			value={settings.count}
			least={LEAST_GROUNDS}
			most={MOST_GROUNDS}
			onset={(count) => decideOn(rows, workbench, plate, 'Change the number of grounds', { count })}
		/>
		<span>grounds</span>
	{:else}
		<button class="act" onclick={() => workbench.showBeside('Palettes')}
			>{plate.palette?.name ?? 'Choose a palette'}</button
		>
	{/if}
	<Toggles {workbench} {plate} exercise={rows} toggles={{ predicted: 'prediction' }} />
</div>
