<script lang="ts">
	import { MIX_EXERCISES, type MixesPlate } from '../../schema';
	import { seenHex } from '$lib/drawing/view';
	import Choices from '$lib/ui/Choices.svelte';
	import { decideMixes } from '../../mixes-edits';
	import PlateBar from '$lib/workbench/study/PlateBar.svelte';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { MIX_WORDS } from '../mix-words';
	import { coloursOfMixes } from '../../mixes-colours';
	import MixFields from './MixFields.svelte';
	import MixParents from './MixParents.svelte';

	/** What a plate of mixes is about, and what decides it. */
	let { workbench, plate }: { workbench: Workbench; plate: MixesPlate } = $props();

	const CHOICES = MIX_EXERCISES.map((key) => ({ key, ...MIX_WORDS[key] }));
</script>

<PlateBar>
	<div class="sentence" role="group" aria-label="What is mixed">
		<Choices
			label="Exercise"
			words={MIX_WORDS[plate.exercise].name}
			choices={CHOICES}
			chosen={plate.exercise}
			preview={(exercise) =>
				coloursOfMixes({ ...plate, exercise }, workbench.document.linked).map(({ hex }) =>
					seenHex(workbench.view, hex)
				)}
			onchoose={(exercise) => workbench.edit('Change the exercise', decideMixes(plate.id, { exercise }))}
		/>
		<span>of</span>
		<MixParents {workbench} {plate} />
	</div>
	<MixFields {workbench} {plate} />
</PlateBar>
