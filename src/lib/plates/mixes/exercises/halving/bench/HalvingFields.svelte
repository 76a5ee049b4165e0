<script lang="ts">
	import { METHODS, type Method } from '$lib/core/scale/mixing';
	import { METHOD_WORDS } from '$lib/core/scale/words';
	import NumberField from '$lib/ui/NumberField.svelte';
	import SelectField from '$lib/ui/SelectField.svelte';
	import RangeField from '$lib/ui/RangeField.svelte';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { decideOn } from '../../../bench/decide';
	import { mixExercises } from '../../../exercises';
	import { type MixesPlate } from '../../../schema';
	import { halving } from '../halving';
	import { MOST_LEVELS, MOST_STROKES, type Halving } from '../schema';

	/** How often middles are taken and how they are mixed; how many strokes, and how much each covers. */
	let { workbench, plate }: { workbench: Workbench; plate: MixesPlate } = $props();

	const NAMES = Object.fromEntries(METHODS.map((method) => [method, METHOD_WORDS[method].name])) as Record<
		Method,
		string
	>;
	const settings = $derived(mixExercises.settingsOf(halving, plate));
	const cover = $derived(`${Math.round(settings.strength * 100)} %`);

	const decide = (label: string, decisions: Partial<Omit<Halving, 'name'>>, what: string | null = null) =>
		decideOn(halving, workbench, plate, label, decisions, what);
</script>

<div class="sentence" role="group" aria-label="Halving">
	<NumberField
		label="Halvings"
		value={settings.levels}
		least={1}
		most={MOST_LEVELS}
		onset={(levels) => decide('Change the halvings', { levels })}
	/>
	<span>halvings, mixed</span>
	<SelectField
		label="Mixing method"
		choices={METHODS}
		words={NAMES}
		value={settings.method}
		onchoose={(method) => decide('Change the mixing method', { method })}
	/>
	<NumberField
		label="Strokes"
		value={settings.strokes}
		least={1}
		most={MOST_STROKES}
		onset={(strokes) => decide('Change the strokes', { strokes })}
	/>
	<RangeField
		label="How much a stroke covers"
		before="strokes that cover"
		after={cover}
		value={settings.strength}
		least={0.02}
		most={0.95}
		step={0.01}
		said={cover}
		onset={(strength) => decide('Change how much a stroke covers', { strength }, 'strength')}
	/>
</div>
