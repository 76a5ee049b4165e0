<script lang="ts">
	import { sayLean } from '$lib/plates/mixes/bench/say-lean';
	import { textOf } from '$lib/model/resolve';
	import RangeField from '$lib/ui/RangeField.svelte';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { decideOn } from '../../../bench/decide';
	import { mixExercises } from '../../../exercises';
	import { parentsOf } from '../../../parents';
	import { type MixesPlace } from '../../../places';
	import { type MixesPlate } from '../../../schema';
	import { middle } from '../middle';
	import { type Middle } from '../schema';

	/** Leans the mixture to a parent, and finds the middle by eye before it is shown. */
	let { workbench, plate }: { workbench: Workbench; plate: MixesPlate } = $props();

	const settings = $derived(mixExercises.settingsOf(middle, plate));

	const decide = (label: string, decisions: Partial<Omit<Middle, 'name'>>, what: string | null = null) =>
		decideOn(middle, workbench, plate, label, decisions, what);

	/** What was found by eye until the middle is shown for the first time is the attempt. */
	function show() {
		const { guess, attempt } = settings;
		const found = guess && textOf(guess, workbench.document.linked);
		decide('Show the middle', { revealed: true, attempt: attempt === undefined ? found : attempt });
	}

	/** The exercise by eye: the middle is hidden, and the first parent's colour is where the search begins. */
	function begin() {
		const [first] = parentsOf(plate, workbench.document.linked);
		decide('Find the middle by eye', { guess: { text: first!.hex }, revealed: false, lean: 0 });
		workbench.hold({ what: 'guess', key: 'guess' } satisfies MixesPlace);
	}
</script>

<div class="sentence" role="group" aria-label="The middle">
	<RangeField
		label="Lean the mixture"
		before="lean"
		value={settings.lean}
		least={-1}
		most={1}
		step={0.02}
		disabled={!settings.revealed}
		said={sayLean(settings.lean, 'midway', 'to the')}
		onset={(lean) => decide('Lean the mixture', { lean }, 'lean')}
	/>
	<button class="act" disabled={settings.lean === 0} onclick={() => decide('Lean the mixture', { lean: 0 })}
		>Midway</button
	>
	<button class="act" onclick={begin}>Find it by eye</button>
	{#if !settings.revealed}
		<button class="act main" onclick={show}>Show the middle</button>
	{:else if settings.guess}
		<button class="act" onclick={() => decide('Clear what was found by eye', { guess: null })}>Clear</button>
	{/if}
</div>
