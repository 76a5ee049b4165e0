<script lang="ts">
	import Select from 'flowbite-svelte/Select.svelte';
	import { METHODS } from '$lib/core/scale/mixing';
	import { METHOD_WORDS } from '$lib/core/scale/words';
	import { mixesOf } from '../../mixes-of';
	import {
		BALANCE_FORMS,
		MOST_LEVELS,
		MOST_STROKES,
		OPTICAL_PATTERNS,
		OVERLAP_FIGURES,
		type MixesPlate
	} from '../../schema';
	import NumberField from '$lib/ui/NumberField.svelte';
	import { decideMixes, setCrossing, setParts } from '../../mixes-edits';
	import RangeField from '$lib/ui/RangeField.svelte';
	import SelectField from '$lib/ui/SelectField.svelte';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { BALANCE_WORDS, FIGURE_WORDS, PATTERN_WORDS } from '../mix-words';
	import { type MixesPlace } from '../../places';
	import { numberHeld } from '../held';
	import CrossingStep from './CrossingStep.svelte';
	import StepBack from './StepBack.svelte';

	/** What decides the exercise at hand, beside its parents. */
	let { workbench, plate }: { workbench: Workbench; plate: MixesPlate } = $props();

	type Decisions = Parameters<typeof decideMixes>[1];
	const decide = (label: string, decisions: Decisions, gesture: string | null = null) =>
		workbench.edit(label, decideMixes(plate.id, decisions), gesture && `${gesture} ${plate.id}`);

	const percent = (share: number): string => `${Math.round(share * 100)} %`;
	const leanWords = (lean: number, level: string, to: string): string =>
		lean === 0 ? level : `${percent(Math.abs(lean))} ${to} ${lean < 0 ? 'first' : 'second'}`;

	/** The exercise by eye: the middle is hidden, and the first parent's colour is where the search begins. */
	function begin() {
		decide('Find the middle by eye', {
			guess: { text: mixesOf(plate, workbench.document.linked).parents[0]!.hex },
			revealed: false,
			lean: 0
		});
		workbench.hold({ what: 'guess', key: 'guess' } satisfies MixesPlace);
	}

	/** The areas set in balance, as parts of ten for each parent. */
	function balance() {
		const shares = mixesOf(plate, workbench.document.linked).balance();
		const parts = shares.map((share) => Math.round(share * shares.length * 100) / 10);
		workbench.edit('Set the areas in balance', setParts(plate.id, 0, parts));
	}

	const byHand = $derived.by((): number | null => {
		const crossing = numberHeld(workbench, 'crossing');
		return crossing !== null && plate.crossings[crossing] ? crossing : null;
	});
</script>

{#if plate.exercise === 'middle'}
	<div class="sentence" role="group" aria-label="The middle">
		<RangeField
			label="Lean the mixture"
			before="lean"
			value={plate.lean}
			least={-1}
			most={1}
			step={0.02}
			disabled={!plate.revealed}
			said={leanWords(plate.lean, 'midway', 'to the')}
			onset={(lean) => decide('Lean the mixture', { lean }, 'lean')}
		/>
		<button class="act" disabled={plate.lean === 0} onclick={() => decide('Lean the mixture', { lean: 0 })}
			>Midway</button
		>
		<button class="act" onclick={begin}>Find it by eye</button>
		{#if !plate.revealed}
			<button class="act main" onclick={() => decide('Show the middle', { revealed: true })}>Show the middle</button>
		{:else if plate.guess}
			<button class="act" onclick={() => decide('Clear what was found by eye', { guess: null })}>Clear</button>
		{/if}
	</div>
{:else if plate.exercise === 'halving'}
	<div class="sentence" role="group" aria-label="Halving">
		<NumberField
			label="Halvings"
			value={plate.levels}
			least={1}
			most={MOST_LEVELS}
			onset={(levels) => decide('Change the halvings', { levels })}
		/>
		<span>halvings, mixed</span>
		<Select
			class="choice"
			classes={{ select: 'field' }}
			aria-label="Mixing method"
			placeholder=""
			value={plate.method}
			onchange={(event) => {
				const method = METHODS.find((each) => each === event.currentTarget.value);
				if (method) decide('Change the mixing method', { method });
			}}
		>
			{#each METHODS as method (method)}<option value={method}>{METHOD_WORDS[method].name}</option>{/each}
		</Select>
		<NumberField
			label="Strokes"
			value={plate.strokes}
			least={1}
			most={MOST_STROKES}
			onset={(strokes) => decide('Change the strokes', { strokes })}
		/>
		<RangeField
			label="How much a stroke covers"
			before="strokes that cover"
			after={percent(plate.strength)}
			value={plate.strength}
			least={0.02}
			most={0.95}
			step={0.01}
			said={percent(plate.strength)}
			onset={(strength) => decide('Change how much a stroke covers', { strength }, 'strength')}
		/>
	</div>
{:else if plate.exercise === 'overlap'}
	<div class="sentence" role="group" aria-label="Overlaps">
		<SelectField
			label="Figures"
			choices={OVERLAP_FIGURES}
			words={FIGURE_WORDS}
			value={plate.figure}
			onchoose={(figure) => decide('Change the figures', { figure })}
		/>
		<RangeField
			label="Which figure is in front"
			before="first in front"
			after="second in front"
			value={plate.front}
			least={-1}
			most={1}
			step={0.02}
			said={leanWords(plate.front, 'level', 'the')}
			onset={(front) => decide('Move a figure to the front', { front }, 'front')}
		/>
		<CrossingStep {workbench} {plate} />
		{#if byHand !== null}
			<button class="act" onclick={() => workbench.edit('Let a crossing follow', setCrossing(plate.id, byHand, null))}
				>Let it follow the slider</button
			>
		{/if}
	</div>
{:else if plate.exercise === 'balance'}
	<div class="sentence" role="group" aria-label="Balance">
		<span>as</span>
		<SelectField
			label="What the areas are"
			choices={BALANCE_FORMS}
			words={BALANCE_WORDS}
			value={plate.laid ?? 'bars'}
			onchoose={(laid) => decide('Lay the areas out', { laid })}
		/>
		<button class="act" onclick={balance}>Set them in balance</button>
	</div>
{:else if plate.exercise === 'optical'}
	<div class="sentence" role="group" aria-label="Pattern">
		<SelectField
			label="Pattern"
			choices={OPTICAL_PATTERNS}
			words={PATTERN_WORDS}
			value={plate.pattern}
			onchoose={(pattern) => decide('Change the pattern', { pattern })}
		/>
		<RangeField
			label="Size of the pattern"
			before="fine"
			after="broad"
			value={plate.grain}
			least={1.5}
			most={40}
			step={0.5}
			said="{plate.grain} units wide"
			onset={(grain) => decide('Change the size of the pattern', { grain }, 'grain')}
		/>
		<StepBack {plate} />
	</div>
{/if}
