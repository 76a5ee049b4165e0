<script lang="ts">
	import CheckField from '$lib/ui/CheckField.svelte';
	import SelectField from '$lib/ui/SelectField.svelte';
	import ExerciseChoice from '$lib/workbench/study/ExerciseChoice.svelte';
	import PlateBar from '$lib/workbench/study/PlateBar.svelte';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { matchingExercises } from '../../exercises';
	import { changeExercise, matchOf, setMatch, subjectOf, type AnyMatched } from '../../matching-edits';
	import { WAYS, type Way } from '../../match-state';
	import { type MatchingPlate } from '../../schema';
	import { another, arrange, begin } from '../acts';
	import { benchOfExercise } from '../exercise-benches';
	import { helpsOf } from '../helps.svelte';

	/** What is matched, how, and what helps the eye. */
	let { workbench, plate }: { workbench: Workbench; plate: MatchingPlate } = $props();

	const helps = $derived(helpsOf(workbench));
	const match = $derived(matchOf(plate));
	const colours = $derived(subjectOf(plate).colours);
	const state = $derived(plate.exercise as unknown as AnyMatched);
	const Fields = $derived(benchOfExercise(plate).fields);
	const WAY_WORDS: Readonly<Record<Way, string>> = { eye: 'set in the mixer', paint: 'mixed of paints' };

	const setWay = (way: Way) =>
		workbench.edit(
			way === 'eye' ? 'Set by eye' : 'Mix of paints',
			setMatch(plate.id, (latest) => ({ ...latest, way, stage: latest.stage === 'checked' ? 'eye' : latest.stage }))
		);
</script>

{#snippet exercise()}
	<ExerciseChoice
		{workbench}
		{plate}
		exercises={matchingExercises}
		onchoose={(name) => workbench.edit('Change the exercise', changeExercise(plate.id, name))}
	/>
{/snippet}
{#snippet own()}{#if Fields}<Fields {workbench} {plate} />{/if}{/snippet}
{#snippet subject()}
	<div class="sentence" role="group" aria-label="Subject">
		{#if state.stage === 'arrange'}
			<button class="act main" onclick={() => begin(workbench, plate)}>Begin to match it</button>
		{:else if colours.length > 0}
			<button class="act" onclick={() => arrange(workbench, plate)}>Put one together</button>
		{/if}
		{#if colours.length > 0 || !match}
			<button class="act" onclick={() => another(workbench, plate)}>Another like it</button>
		{/if}
	</div>
{/snippet}
{#snippet way()}
	<div class="sentence" role="group" aria-label="Way of matching">
		<SelectField label="How it is matched" choices={WAYS} words={WAY_WORDS} value={state.way} onchoose={setWay} />
	</div>
{/snippet}
{#snippet help()}
	<div class="sentence" role="group" aria-label="Helps for the eye">
		<CheckField words="blur both" checked={helps.blurred} onset={(on) => (helps.blurred = on)} />
		<CheckField words="card with a hole" checked={helps.card} onset={(on) => (helps.card = on)} />
	</div>
{/snippet}

<PlateBar
	parts={[
		exercise,
		...(Fields ? [own] : []),
		subject,
		...(match && state.stage === 'eye' ? [help] : []),
		...(match ? [way] : [])
	]}
/>
