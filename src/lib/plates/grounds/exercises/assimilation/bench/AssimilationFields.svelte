<script lang="ts">
	import RangeField from '$lib/ui/RangeField.svelte';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { decideOn } from '../../../bench/decide';
	import Toggles from '../../../bench/Toggles.svelte';
	import ExchangeGrounds from '../../../bench/ExchangeGrounds.svelte';
	import { groundExercises } from '../../../exercises';
	import { type GroundsPlate } from '../../../schema';
	import { assimilation } from '../assimilation';

	/** How fine the lines are, and the proof that it is one colour between them. */
	let { workbench, plate }: { workbench: Workbench; plate: GroundsPlate } = $props();

	const settings = $derived(groundExercises.settingsOf(assimilation, plate));
</script>

<div class="sentence" role="group" aria-label="Lines">
	<RangeField
		label="Width of the lines"
		before="lines, fine to broad"
		value={settings.line}
		least={1}
		most={30}
		step={0.5}
		said="{settings.line} units"
		onset={(line) => decideOn(assimilation, workbench, plate, 'Change the lines', { line }, 'line')}
	/>
	<Toggles {workbench} {plate} exercise={assimilation} toggles={{ strip: 'proof strip' }} />
	<ExchangeGrounds {workbench} {plate} words="Exchange lines" />
</div>
