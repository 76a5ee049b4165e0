<script lang="ts">
	import RangeField from '$lib/ui/RangeField.svelte';
	import SelectField from '$lib/ui/SelectField.svelte';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { decideOn } from '../../../bench/decide';
	import { mixExercises } from '../../../exercises';
	import { type MixesPlate } from '../../../schema';
	import { optical } from '../optical';
	import { OPTICAL_PATTERNS } from '../pattern';
	import StepBack from './StepBack.svelte';

	/** The pattern, how fine it is, and from how far one looks at it. */
	let { workbench, plate }: { workbench: Workbench; plate: MixesPlate } = $props();

	const WORDS = { stripes: 'stripes', checks: 'checks', dots: 'dots' } as const;
	const settings = $derived(mixExercises.settingsOf(optical, plate));
</script>

<div class="sentence" role="group" aria-label="Pattern">
	<SelectField
		label="Pattern"
		choices={OPTICAL_PATTERNS}
		words={WORDS}
		value={settings.pattern}
		onchoose={(pattern) => decideOn(optical, workbench, plate, 'Change the pattern', { pattern })}
	/>
	<RangeField
		label="Size of the pattern"
		before="fine"
		after="broad"
		value={settings.grain}
		least={1.5}
		most={40}
		step={0.5}
		said="{settings.grain} units wide"
		onset={(grain) => decideOn(optical, workbench, plate, 'Change the size of the pattern', { grain }, 'grain')}
	/>
	<StepBack {workbench} {plate} />
</div>
