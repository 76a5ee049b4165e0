<script lang="ts">
	import { linearToHex } from '$lib/core/colour/bytes';
	import { edgePartner } from '$lib/core/ground/propose';
	import { groundsOf } from '$lib/drawing/grounds/grounds-of';
	import { seenHex } from '$lib/drawing/view';
	import {
		FIGURE_FORMS,
		GROUND_EXERCISES,
		GROUND_ROWS,
		LEAST_GROUNDS,
		MOST_GROUNDS,
		type GroundsPlate
	} from '$lib/model/grounds-plate';
	import Choices from '$lib/ui/Choices.svelte';
	import NumberField from '../../scheme/bar/NumberField.svelte';
	import { decideGrounds, exchangeGrounds, setGroundColour } from '../../study/grounds-edits';
	import PlateBar from '../../study/PlateBar.svelte';
	import SelectField from '$lib/ui/SelectField.svelte';
	import { type Workbench } from '../../study/workbench.svelte';
	import JudgingFields from './JudgingFields.svelte';
	import { FORM_WORDS, GROUND_WORDS, ROW_WORDS } from '../ground-words';

	/** What a plate of grounds is about, and what of it is shown. */
	let { workbench, plate }: { workbench: Workbench; plate: GroundsPlate } = $props();

	const CHOICES = GROUND_EXERCISES.map((key) => ({ key, ...GROUND_WORDS[key] }));
	const made = $derived(groundsOf(plate, workbench.document.linked));
	const paired = $derived(['one-as-two', 'two-as-one', 'like-ground'].includes(plate.exercise));
	const solvable = $derived(plate.exercise === 'two-as-one' || plate.exercise === 'like-ground');

	type Decisions = Parameters<typeof decideGrounds>[1];
	const decide = (label: string, decisions: Decisions, gesture: string | null = null) =>
		workbench.edit(label, decideGrounds(plate.id, decisions), gesture && `${gesture} ${plate.id}`);

	const preview = (exercise: GroundsPlate['exercise']): string[] => {
		const { pair, row, judging } = groundsOf({ ...plate, exercise }, workbench.document.linked);
		const codes =
			exercise === 'judging'
				? (judging.pair?.colours.map((colour) => linearToHex(...colour)) ?? [])
				: exercise === 'rows'
					? row.map(({ ground }) => ground.hex)
					: [pair[0].ground.hex, pair[0].figure.hex, pair[1].figure.hex, pair[1].ground.hex];
		return codes.map((hex) => seenHex(workbench.view, hex));
	};

	function takePartner(kind: 'vanishing' | 'vibrating') {
		const { linear } = edgePartner(made.pair[0].ground.linear, kind);
		workbench.edit('Find the partner', setGroundColour(plate.id, 'ground', 1, { text: linearToHex(...linear) }));
	}

	function takeSolution() {
		if (made.solution)
			workbench.edit(
				'Take the solution',
				setGroundColour(plate.id, 'figure', plate.exercise === 'two-as-one' ? 1 : 0, { text: made.solution.hex })
			);
	}

	const TOGGLES = [
		{ key: 'predicted', words: 'prediction' },
		{ key: 'strip', words: 'proof strip' },
		{ key: 'cover', words: 'cover' }
	] as const;
</script>

<PlateBar>
	<div class="sentence" role="group" aria-label="What is shown">
		<Choices
			label="Exercise"
			words={GROUND_WORDS[plate.exercise].name}
			choices={CHOICES}
			chosen={plate.exercise}
			{preview}
			onchoose={(exercise) => decide('Change the exercise', { exercise })}
		/>
		{#if !['edges', 'assimilation', 'judging'].includes(plate.exercise)}
			<SelectField
				label="Form of the figures"
				choices={FIGURE_FORMS}
				words={FORM_WORDS}
				value={plate.form}
				onchoose={(form) => decide('Change the form', { form })}
			/>
			<label>
				size
				<input
					type="range"
					min="0.08"
					max="0.8"
					step="0.01"
					value={plate.size}
					aria-label="Size of the figures"
					aria-valuetext="{Math.round(plate.size * 100)} % of the ground"
					oninput={(event) => decide('Change the size', { size: Number(event.currentTarget.value) }, 'size')}
				/>
			</label>
			{#if plate.exercise !== 'after-image'}<label
					title="How a ground works on a figure in the model: below 0 contrast, above 0 assimilation"
				>
					strength
					<input
						type="range"
						min="-1"
						max="1"
						step="0.05"
						value={plate.influence}
						aria-label="How a ground works on a figure"
						aria-valuetext={plate.influence.toFixed(2)}
						oninput={(event) =>
							decide('Change the strength', { influence: Number(event.currentTarget.value) }, 'influence')}
					/>
					{plate.influence.toFixed(2)}
				</label>{/if}
		{/if}
	</div>
	{#if paired}
		<div class="sentence" role="group" aria-label="Proofs">
			{#each TOGGLES as { key, words } (key)}
				{#if key !== 'strip' || plate.exercise !== 'two-as-one'}
					<label>
						<input
							type="checkbox"
							checked={plate[key]}
							onchange={(event) => decide(`Show the ${words}`, { [key]: event.currentTarget.checked })}
						/>
						{words}
					</label>
				{/if}
			{/each}
			{#if solvable}
				<label>
					<input
						type="checkbox"
						checked={plate.solved}
						onchange={(event) => decide('Show the solution', { solved: event.currentTarget.checked })}
					/>
					solution
				</label>
				{#if plate.solved}<button class="act" onclick={takeSolution}>Take the solution</button>{/if}
			{/if}
			<button class="act" onclick={() => workbench.edit('Exchange the grounds', exchangeGrounds(plate.id))}
				>Exchange grounds</button
			>
		</div>
	{:else if plate.exercise === 'rows'}
		<div class="sentence" role="group" aria-label="Row of grounds">
			<span>over</span>
			<SelectField
				label="Row of grounds"
				choices={GROUND_ROWS}
				words={ROW_WORDS}
				value={plate.row}
				onchoose={(row) => {
					decide('Change the row', { row });
					if (row === 'palette' && !plate.palette) workbench.beside = 'Palettes';
				}}
			/>
			{#if plate.row !== 'palette'}
				<NumberField
					label="Grounds"
					value={plate.count}
					least={LEAST_GROUNDS}
					most={MOST_GROUNDS}
					onset={(count) => decide('Change the number of grounds', { count })}
				/>
				<span>grounds</span>
			{:else}
				<button class="act" onclick={() => (workbench.beside = 'Palettes')}
					>{plate.palette?.name ?? 'Choose a palette'}</button
				>
			{/if}
		</div>
	{:else if plate.exercise === 'edges'}
		<div class="sentence" role="group" aria-label="Partner">
			<span>partner of the first that</span>
			<button class="act" onclick={() => takePartner('vanishing')}>vanishes most</button>
			<button class="act" onclick={() => takePartner('vibrating')}>vibrates most</button>
		</div>
	{:else if plate.exercise === 'judging'}
		<JudgingFields {workbench} {plate} />
	{:else if plate.exercise === 'after-image'}
		<div class="sentence" role="group" aria-label="After-image">
			<label>
				<input
					type="checkbox"
					checked={plate.cover}
					onchange={(event) => decide('Show the neutral field', { cover: event.currentTarget.checked })}
				/>
				neutral field
			</label>
			<label>
				<input
					type="checkbox"
					checked={plate.predicted}
					onchange={(event) => decide('Show the prediction', { predicted: event.currentTarget.checked })}
				/>
				prediction
			</label>
			<button class="act" onclick={() => (workbench.teaching = true)}>Look</button>
		</div>
	{:else}
		<div class="sentence" role="group" aria-label="Lines">
			<label>
				lines, fine to broad
				<input
					type="range"
					min="1"
					max="30"
					step="0.5"
					value={plate.line}
					aria-label="Width of the lines"
					aria-valuetext="{plate.line} units"
					oninput={(event) => decide('Change the lines', { line: Number(event.currentTarget.value) }, 'line')}
				/>
			</label>
			<button class="act" onclick={() => workbench.edit('Exchange the grounds', exchangeGrounds(plate.id))}
				>Exchange lines</button
			>
		</div>
	{/if}
</PlateBar>
