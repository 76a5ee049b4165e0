<script lang="ts">
	import { linearToHex } from '$lib/core/colour/bytes';
	import { BOARD_FILL } from '../../ground-shapes';
	import { groundsOf } from '../../grounds-of';
	import { seenHex } from '$lib/drawing/view';
	import { GROUND_EXERCISES, type GroundsPlate } from '../../schema';
	import Choices from '$lib/ui/Choices.svelte';
	import PlateBar from '$lib/workbench/study/PlateBar.svelte';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { decide } from '../decide';
	import { GROUND_WORDS } from '../ground-words';
	import FigureFields from './FigureFields.svelte';
	import JudgingFields from './JudgingFields.svelte';
	import LookingFields from './LookingFields.svelte';
	import OwnContrastFields from './OwnContrastFields.svelte';
	import PairFields from './PairFields.svelte';
	import RowFields from './RowFields.svelte';

	/** What a plate of grounds is about, and what of it is shown. */
	let { workbench, plate }: { workbench: Workbench; plate: GroundsPlate } = $props();

	const CHOICES = GROUND_EXERCISES.map((key) => ({ key, ...GROUND_WORDS[key] }));

	function codesOf(exercise: GroundsPlate['exercise']): string[] {
		const { pair, row, judging, contrast } = groundsOf({ ...plate, exercise }, workbench.document.linked);
		switch (exercise) {
			case 'judging':
				return judging.pair?.colours.flatMap((colour) => Array<string>(2).fill(linearToHex(...colour))) ?? [];
			case 'rows':
				return row.map(({ ground }) => ground.hex);
			case 'own-contrast':
				return contrast?.now
					? [contrast.now.ground.hex, contrast.now.figure.hex, contrast.now.twin.hex, BOARD_FILL]
					: [];
			default:
				return [pair[0].ground.hex, pair[0].figure.hex, pair[1].figure.hex, pair[1].ground.hex];
		}
	}
</script>

<PlateBar>
	<div class="sentence" role="group" aria-label="What is shown">
		<Choices
			label="Exercise"
			words={GROUND_WORDS[plate.exercise].name}
			choices={CHOICES}
			chosen={plate.exercise}
			preview={(exercise) => codesOf(exercise).map((hex) => seenHex(workbench.view, hex))}
			onchoose={(exercise) => decide(workbench, plate, 'Change the exercise', { exercise })}
		/>
		{#if !['edges', 'assimilation', 'judging'].includes(plate.exercise)}<FigureFields {workbench} {plate} />{/if}
	</div>
	{#if plate.exercise === 'rows'}
		<RowFields {workbench} {plate} />
	{:else if plate.exercise === 'judging'}
		<JudgingFields {workbench} {plate} />
	{:else if plate.exercise === 'own-contrast'}
		<OwnContrastFields {workbench} {plate} />
	{:else if ['edges', 'after-image', 'assimilation'].includes(plate.exercise)}
		<LookingFields {workbench} {plate} />
	{:else}
		<PairFields {workbench} {plate} />
	{/if}
</PlateBar>
