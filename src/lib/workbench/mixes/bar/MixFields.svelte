<script lang="ts">
	import Select from 'flowbite-svelte/Select.svelte';
	import { METHODS } from '$lib/core/scale/mixing';
	import { METHOD_WORDS } from '$lib/core/scale/words';
	import { mixesOf } from '$lib/drawing/mixes/mixes-of';
	import {
		MOST_LEVELS,
		MOST_STROKES,
		OPTICAL_PATTERNS,
		OVERLAP_FIGURES,
		type MixesPlate
	} from '$lib/model/mixes-plate';
	import NumberField from '../../scheme/bar/NumberField.svelte';
	import { decideMixes, setCrossing, setParts } from '../../study/mixes-edits';
	import SelectField from '$lib/ui/SelectField.svelte';
	import { type Workbench } from '../../study/workbench.svelte';
	import { FIGURE_WORDS, PATTERN_WORDS } from '../mix-words';
	import StepBack from './StepBack.svelte';

	/** What decides the exercise at hand, beside its parents. */
	let { workbench, plate }: { workbench: Workbench; plate: MixesPlate } = $props();

	type Decisions = Parameters<typeof decideMixes>[1];
	const decide = (label: string, decisions: Decisions, gesture: string | null = null) =>
		workbench.edit(label, decideMixes(plate.id, decisions), gesture && `${gesture} ${plate.id}`);

	/** The exercise by eye: the middle is hidden, and the first parent's colour is where the search begins. */
	function begin() {
		decide('Find the middle by eye', {
			guess: { text: mixesOf(plate, workbench.document.linked).parents[0]!.hex },
			revealed: false,
			lean: 0
		});
		workbench.hold({ kind: 'mixed', what: 'guess', key: 'guess' });
	}

	/** The areas set in balance, as parts of ten for each parent. */
	function balance() {
		const shares = mixesOf(plate, workbench.document.linked).balance();
		const parts = shares.map((share) => Math.round(share * shares.length * 100) / 10);
		workbench.edit('Set the areas in balance', setParts(plate.id, 0, parts));
	}

	const byHand = $derived(
		workbench.held?.kind === 'mixed' &&
			workbench.held.what === 'crossing' &&
			plate.crossings[Number(workbench.held.key)]
			? Number(workbench.held.key)
			: null
	);
</script>

{#if plate.exercise === 'middle'}
	<div class="sentence" role="group" aria-label="The middle">
		<label>
			lean
			<input
				type="range"
				min="-1"
				max="1"
				step="0.02"
				value={plate.lean}
				disabled={!plate.revealed}
				aria-valuetext={plate.lean === 0
					? 'midway'
					: `${Math.round(Math.abs(plate.lean) * 100)} % to the ${plate.lean < 0 ? 'first' : 'second'}`}
				oninput={(event) => decide('Lean the mixture', { lean: Number(event.currentTarget.value) }, 'lean')}
			/>
		</label>
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
		<label>
			strokes that cover
			<input
				type="range"
				min="0.02"
				max="0.95"
				step="0.01"
				value={plate.strength}
				aria-label="How much a stroke covers"
				aria-valuetext="{Math.round(plate.strength * 100)} %"
				oninput={(event) =>
					decide('Change how much a stroke covers', { strength: Number(event.currentTarget.value) }, 'strength')}
			/>
			{Math.round(plate.strength * 100)} %
		</label>
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
		<label>
			first in front
			<input
				type="range"
				min="-1"
				max="1"
				step="0.02"
				value={plate.front}
				aria-label="Which figure is in front"
				aria-valuetext={plate.front === 0
					? 'level'
					: `${Math.round(Math.abs(plate.front) * 100)} % the ${plate.front < 0 ? 'first' : 'second'}`}
				oninput={(event) => decide('Move a figure to the front', { front: Number(event.currentTarget.value) }, 'front')}
			/>
			second in front
		</label>
		{#if byHand !== null}
			<button class="act" onclick={() => workbench.edit('Let a crossing follow', setCrossing(plate.id, byHand, null))}
				>Let it follow the slider</button
			>
		{/if}
	</div>
{:else if plate.exercise === 'balance'}
	<div class="sentence" role="group" aria-label="Balance">
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
		<label>
			fine
			<input
				type="range"
				min="1.5"
				max="40"
				step="0.5"
				value={plate.grain}
				aria-label="Size of the pattern"
				aria-valuetext="{plate.grain} units wide"
				oninput={(event) =>
					decide('Change the size of the pattern', { grain: Number(event.currentTarget.value) }, 'grain')}
			/>
			broad
		</label>
		<StepBack {workbench} />
	</div>
{/if}
