<script lang="ts">
	import IconButton from '$lib/ui/IconButton.svelte';
	import CloseOutline from 'flowbite-svelte-icons/CloseOutline.svelte';
	import { limitsOf, type Limit } from '$lib/core/brief/rule-limits';
	import { COMMON_RULES, ruleWords } from '$lib/core/brief/rule-words';
	import { judgeScales, type Judged } from '../judge';
	import { scaleOf } from '../scale-of';
	import { MOST_CHECKS } from '../check';
	import { newId } from '$lib/model/ids';
	import { type ScalesPlate } from '../schema';
	import { type ScaleRule } from '$lib/core/brief/rules';
	import BesideButton from '$lib/ui/BesideButton.svelte';
	import { notices } from '$lib/ui/notices.svelte';
	import { addCheck, deleteCheck, setRule } from '../scale-edits';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { scaleOn } from './chosen-scale';
	import Verdict from '$lib/workbench/readings/Verdict.svelte';

	/** What the plate is asked to meet, each with its verdict and reason, and the step that breaks it a click away. */
	let { workbench, plate }: { workbench: Workbench; plate: ScalesPlate } = $props();

	const judged = $derived(judgeScales(plate, workbench.document.linked));
	const holding = $derived(judged.filter(({ holds }) => holds).length);
	const full = $derived(judged.length >= MOST_CHECKS);

	const rowOf = ({ scale }: Judged): number => (scale ? plate.scales.indexOf(scale) + 1 : 0);

	function goTo({ scale, step }: Judged) {
		if (!scale || step === null) return;
		const parent = scaleOf(scale, workbench.document.linked).steps[step - 1]?.parent ?? null;
		workbench.hold(
			parent === null
				? { kind: 'step', scale: scale.id, step: step - 1 }
				: { kind: 'parent', scale: scale.id, index: parent }
		);
	}

	function remove({ check }: Judged) {
		workbench.edit('Delete a check', deleteCheck(plate.id, check.id));
		notices.say('Check deleted.', { label: 'Undo', run: () => workbench.undo() });
	}

	/** A typed limit, brought into its range; what is no number leaves it as it was. */
	function setLimit({ check }: Judged, limit: Limit, field: HTMLInputElement) {
		const typed = field.value.trim() === '' ? NaN : Number(field.value);
		const value = Number.isNaN(typed) ? limit.value : Math.min(limit.most, Math.max(limit.least, typed));
		const whole = limit.step === 1 ? Math.round(value) : value;
		field.value = String(whole);
		if (whole !== limit.value) workbench.edit('Set a limit of a check', setRule(plate.id, check.id, limit.set(whole)));
	}

	/** Whether the next check is put on the chosen row alone. */
	let onRow = $state(true);
	const row = $derived(scaleOn(workbench, plate)?.id ?? null);

	/** Where a rule is put on already, and what comes of it. */
	const asked = (rule: ScaleRule): readonly Judged[] =>
		judged.filter(({ check }) => JSON.stringify(check.rule) === JSON.stringify(rule));

	/** The list stays for the next one, of this row or of another that is clicked meanwhile. */
	function add(rule: ScaleRule) {
		workbench.edit('Add a check', addCheck(plate.id, { id: newId(), scale: onRow ? row : null, rule }));
	}
</script>

<section aria-label="Checks">
	<header>
		<h3>Checks</h3>
		{#if judged.length > 0}<span>{holding} of {judged.length} hold</span>{/if}
		<BesideButton role="dialog" kind="act small" label="Add a check" first=".rule" goes=".rule">
			{#snippet button()}Add a check{/snippet}
			<fieldset class="whose">
				<legend class="unseen">For</legend>
				<label><input type="radio" name="whose" bind:group={onRow} value={true} /> for this row</label>
				<label><input type="radio" name="whose" bind:group={onRow} value={false} /> for every row</label>
			</fieldset>
			{#if full}<p class="full">A plate holds {MOST_CHECKS} checks at most.</p>{/if}
			{#each COMMON_RULES as { about, rules } (about)}
				<h3>{about}</h3>
				{#each rules as { name, says, rule } (name)}
					<button class="offered rule" disabled={full || (onRow && row === null)} onclick={() => add(rule)}>
						<b>{name}</b><span>{says}</span>
						{#each asked(rule) as result (result.check.id)}
							<em>
								<Verdict verdict={result.holds ? 'holds' : 'look'} />
								{result.check.scale === null ? 'every row' : `row ${rowOf(result)}`}
							</em>
						{/each}
					</button>
				{/each}
			{/each}
		</BesideButton>
	</header>
	{#if judged.length === 0}
		<p>None yet. A check says what this plate is asked to meet, and whether it does.</p>
	{/if}
	<ul>
		{#each judged as result (result.check.id)}
			<li>
				<Verdict verdict={result.holds ? 'holds' : 'look'} />
				<div>
					<b>{ruleWords(result.check.rule)}</b>
					<small>{result.check.scale === null ? 'every row' : `row ${rowOf(result)}`}</small>
					{#if !result.holds}
						<p>{result.check.scale === null && result.scale ? `Row ${rowOf(result)}: ` : ''}{result.reason}</p>
						{#if result.step !== null}
							<button class="act small" onclick={() => goTo(result)}>Go to step {result.step}</button>
						{/if}
					{/if}
					{#if limitsOf(result.check.rule).length > 0}
						<details>
							<summary aria-label="Limits of “{ruleWords(result.check.rule)}”">Limits</summary>
							{#each limitsOf(result.check.rule) as limit (limit.name)}
								<label>
									{limit.name}
									<input
										class="field"
										type="number"
										min={limit.least}
										max={limit.most}
										step={limit.step}
										value={limit.value}
										onchange={(event) => setLimit(result, limit, event.currentTarget)}
									/>
								</label>
							{/each}
						</details>
					{/if}
				</div>
				<IconButton
					label="Delete the check: {ruleWords(result.check.rule)}"
					title="Delete this check"
					onclick={() => remove(result)}
					icon={CloseOutline}
					size="xs"
				/>
			</li>
		{/each}
	</ul>
</section>

<style>
	section {
		display: grid;
		gap: 7px;
		padding-top: 10px;
		border-top: 1px solid var(--rule);
		font-size: 12.5px;
	}
	header {
		display: flex;
		align-items: baseline;
		gap: 8px;
	}
	header span,
	small,
	p {
		font-size: 12px;
		color: var(--soft);
	}
	header :global(.small) {
		margin-left: auto;
	}
	h3 {
		font-size: 16px;
	}
	ul {
		display: grid;
		gap: 6px;
		margin: 0;
		padding: 0;
		list-style: none;
	}
	li {
		display: grid;
		grid-template-columns: 17px minmax(0, 1fr) auto;
		gap: 6px;
		align-items: start;
	}
	b {
		font-weight: 560;
	}
	li :global(.bare) {
		min-height: 24px;
		padding: 2px 4px;
	}
	li .small {
		margin-top: 3px;
	}
	em {
		display: flex;
		grid-column: 1 / -1;
		gap: 6px;
		font-size: 12px;
		font-style: normal;
	}
	.whose {
		display: flex;
		gap: 14px;
		padding: 8px 18px 4px;
	}
	.whose label {
		justify-content: start;
		margin: 0;
	}
	.whose input {
		accent-color: var(--ink);
	}
	.full {
		padding: 0 18px;
	}
	h3 {
		margin: 8px 18px 2px;
		font: 500 14px/1.2 var(--font-serif);
		color: var(--soft);
	}
	.rule:disabled {
		opacity: 0.5;
		cursor: default;
	}
	summary {
		width: max-content;
		font-size: 12px;
		color: var(--soft);
		cursor: pointer;
	}
	label {
		display: flex;
		align-items: center;
		justify-content: space-between;
		gap: 8px;
		margin-top: 3px;
	}
	label .field {
		width: 72px;
		min-height: 24px;
		padding-block: 1px;
	}
</style>
