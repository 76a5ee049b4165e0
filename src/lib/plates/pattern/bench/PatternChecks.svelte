<script lang="ts">
	import { patternRuleWords, type PatternRule } from '$lib/core/brief/judge-pattern';
	import CloseOutline from 'flowbite-svelte-icons/CloseOutline.svelte';
	import BesideButton from '$lib/ui/BesideButton.svelte';
	import IconButton from '$lib/ui/IconButton.svelte';
	import { newId } from '$lib/model/ids';
	import { notices } from '$lib/ui/notices.svelte';
	import Verdict from '$lib/workbench/readings/Verdict.svelte';
	import { type Workbench } from '$lib/workbench/study/workbench.svelte';
	import { judgeDesign } from '../judge';
	import { addPatternCheck, changePatternCheck } from '../pattern-edits';
	import { MOST_CHECKS, MOST_COLOURS, type PatternPlate } from '../schema';

	/** What the design is asked to meet, each with its verdict and reason. */
	let { workbench, plate }: { workbench: Workbench; plate: PatternPlate } = $props();

	const judged = $derived(judgeDesign(plate, workbench.document.linked));
	const holding = $derived(judged.filter(({ holds }) => holds).length);

	/** A rule of which there is one number to set. */
	interface Limit {
		readonly name: string;
		readonly value: number;
		readonly most: number;
		readonly step: number;
		readonly set: (value: number) => PatternRule;
	}

	const RULES: readonly { readonly name: string; readonly says: string; readonly rule: PatternRule }[] = [
		{ name: 'Uses every colour', says: 'Each colour that is laid out covers something.', rule: { rule: 'uses-all' } },
		{
			name: 'No more than so many colours',
			says: 'A design is held together by few.',
			rule: { rule: 'at-most', most: 8 }
		},
		{
			name: 'Each colour at least so much',
			says: 'No colour that is used covers less than 5 %.',
			rule: { rule: 'each-share', least: 0.05 }
		},
		{
			name: 'Neighbours can be told apart',
			says: 'Where two colours touch they differ by 5 ΔE00 or more.',
			rule: { rule: 'told-apart', least: 5 }
		}
	];

	function limitOf(rule: PatternRule): Limit | null {
		switch (rule.rule) {
			case 'at-most':
				return { name: 'Colours', value: rule.most, most: MOST_COLOURS, step: 1, set: (most) => ({ ...rule, most }) };
			case 'each-share':
				return {
					name: 'Per cent',
					value: Math.round(100 * rule.least),
					most: 50,
					step: 1,
					set: (least) => ({ ...rule, least: least / 100 })
				};
			case 'told-apart':
				return { name: 'ΔE00', value: rule.least, most: 100, step: 0.5, set: (least) => ({ ...rule, least }) };
			case 'palette-only':
				return {
					name: 'Within ΔE00',
					value: rule.within,
					most: 100,
					step: 0.5,
					set: (within) => ({ ...rule, within })
				};
			case 'uses-all':
				return null;
		}
	}

	function setLimit(id: string, { value, most, step, name, set }: Limit, field: HTMLInputElement) {
		const typed = field.value.trim() === '' ? NaN : Number(field.value);
		const least = step === 1 ? 1 : 0;
		const within = Number.isNaN(typed) ? value : Math.min(most, Math.max(least, typed));
		const next = step === 1 ? Math.round(within) : within;
		if (!Number.isNaN(typed) && next !== typed) notices.say(`${name}: ${least} to ${most}. ${typed} became ${next}.`);
		field.value = String(next);
		if (next !== value) workbench.edit('Set a limit of a check', changePatternCheck(plate.id, id, set(next)));
	}

	function remove(id: string) {
		workbench.edit('Delete a check', changePatternCheck(plate.id, id, null));
		notices.say('Check deleted.', { label: 'Undo', run: () => workbench.undo() });
	}

	const add = (rule: PatternRule) => workbench.edit('Add a check', addPatternCheck(plate.id, { id: newId(), rule }));
</script>

<section aria-label="Checks">
	<header>
		<h3>Checks</h3>
		{#if judged.length > 0}<span>{holding} of {judged.length} hold</span>{/if}
		<BesideButton role="dialog" kind="act small" label="Add a check" first=".rule" goes=".rule">
			{#snippet button()}Add a check{/snippet}
			{#each RULES as { name, says, rule } (name)}
				<button class="offered rule" disabled={plate.checks.length >= MOST_CHECKS} onclick={() => add(rule)}>
					<b>{name}</b><span>{says}</span>
				</button>
			{/each}
			<p class="hint">To ask for the colours of a palette only, open Palettes and its menu.</p>
		</BesideButton>
	</header>
	{#if judged.length === 0}<p>None yet. A check says what this design is asked to meet, and whether it does.</p>{/if}
	<ul>
		{#each judged as { check, holds, reason } (check.id)}
			{@const limit = limitOf(check.rule)}
			<li>
				<Verdict verdict={holds ? 'holds' : 'look'} />
				<div>
					<b>{patternRuleWords(check.rule)}</b>
					<p>{reason}</p>
					{#if limit}
						<label
							>{limit.name}
							<input
								class="field"
								type="number"
								min="0"
								max={limit.most}
								step={limit.step}
								value={limit.value}
								onchange={(event) => setLimit(check.id, limit, event.currentTarget)}
							/></label
						>
					{/if}
				</div>
				<IconButton
					label="Delete the check “{patternRuleWords(check.rule)}”"
					title="Delete this check"
					onclick={() => remove(check.id)}
					icon={CloseOutline}
				/>
			</li>
		{/each}
	</ul>
</section>

<style>
	section {
		display: grid;
		gap: 6px;
		padding-top: 10px;
		border-top: 1px solid var(--rule);
	}
	header {
		display: flex;
		align-items: baseline;
		justify-content: space-between;
		gap: 8px;
	}
	h3 {
		font: 500 16px/1.2 var(--font-serif);
	}
	ul {
		display: grid;
		gap: 8px;
		margin: 0;
		padding: 0;
		list-style: none;
	}
	li {
		display: grid;
		grid-template-columns: 17px 1fr auto;
		gap: 6px;
	}
	.hint {
		padding: 8px 18px;
		font-size: 12px;
	}
	input {
		width: 58px;
	}
</style>
