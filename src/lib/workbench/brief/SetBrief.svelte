<script lang="ts">
	import { briefOf } from '$lib/study/brief/brief';
	import { changeTerms } from '$lib/study/brief/brief-edits';
	import { MOST_BRIEF_TEXT, MOST_WORDS, type BriefTerms } from '$lib/study/brief/terms';
	import { plainText } from '$lib/study/plain-text';
	import CheckField from '$lib/ui/CheckField.svelte';
	import NumberField from '$lib/ui/NumberField.svelte';
	import { notices } from '$lib/ui/notices.svelte';
	import { type Workbench } from '../study/workbench.svelte';
	import AskedByPlate from './AskedByPlate.svelte';
	import GivenList from './GivenList.svelte';
	import HandOut from './HandOut.svelte';

	/** A brief as it is set: its text, what is given on the open plate, when it is due, and how it is handed out. */
	let { workbench, id, terms }: { workbench: Workbench; id: string; terms: BriefTerms } = $props();

	const brief = $derived(briefOf(workbench.document));
	let asStudent = $state(false);

	const change = (label: string, next: Partial<Omit<BriefTerms, 'id' | 'given'>>, inOne = false) =>
		workbench.edit(label, changeTerms(next), inOne ? label : null);

	/** A day, or none; what is half typed is no day yet. */
	function setDue(field: HTMLInputElement) {
		if (field.validity.badInput || !/^(?:|\d{4}-\d\d-\d\d)$/.test(field.value)) {
			notices.say('Due: a day, or nothing.');
			field.value = terms.due;
		} else if (field.value !== terms.due) change('Set when a brief is due', { due: field.value });
	}
</script>

<section class="brief" aria-label="Brief">
	<div class="views" role="group" aria-label="How the brief is seen">
		<button class="act small" aria-pressed={!asStudent} onclick={() => (asStudent = false)}>Set it</button>
		<button class="act small" aria-pressed={asStudent} onclick={() => (asStudent = true)}>As a student sees it</button>
	</div>
	{#if asStudent && brief}
		<AskedByPlate {workbench} {brief} />
	{:else}
		<label class="text">
			<span>What is to be done</span>
			<textarea
				maxlength={MOST_BRIEF_TEXT}
				value={terms.text}
				placeholder="Headings begin with #, items of lists with a hyphen; *emphasis*, **strong**."
				oninput={(event) => change('Write a brief', { text: plainText(event.currentTarget.value) }, true)}></textarea>
		</label>
		<div class="fields">
			<label for="brief-due">Due</label>
			<input
				id="brief-due"
				class="field"
				type="date"
				value={terms.due}
				onchange={(event) => setDue(event.currentTarget)}
			/>
			<label for="brief-worth">Worth</label>
			<input
				id="brief-worth"
				class="field"
				maxlength="120"
				value={terms.worth}
				placeholder="in your own words"
				oninput={(event) =>
					change('Say what a brief is worth', { worth: plainText(event.currentTarget.value).trim() }, true)}
			/>
			<span>Reflection</span>
			<span class="words">
				<NumberField
					label="Words of reflection, at least"
					value={terms.words}
					least={0}
					most={MOST_WORDS}
					onset={(words) => change('Ask for a reflection', { words })}
				/>
				words or more{terms.words === 0 ? ': none asked' : ''}
			</span>
		</div>
		<CheckField
			words="put codes, readings and answers away until it is handed in"
			checked={terms.hidden}
			onset={(hidden) => change('Hide what tells', { hidden })}
		/>
		<GivenList {workbench} {terms} />
		<p class="hint">What a plate is checked by is set under its readings.</p>
	{/if}
	{#if brief}<HandOut {workbench} {id} {brief} />{/if}
</section>

<style>
	.brief {
		display: grid;
		gap: 12px;
		padding: 12px 18px;
		font-size: 12.5px;
	}
	.views {
		display: flex;
		flex-wrap: wrap;
		gap: 6px;
	}
	.text {
		display: grid;
		gap: 4px;
	}
	.text span,
	.fields > label,
	.fields > span:first-of-type {
		font-size: 12px;
		color: var(--soft);
	}
	textarea {
		min-height: 150px;
		padding: 8px 10px;
		border: 1px solid var(--edge);
		border-radius: 0;
		background: #fff;
		color: var(--ink);
		font: 400 13.5px/1.42 var(--font-serif);
		resize: vertical;
	}
	.fields {
		display: grid;
		grid-template-columns: auto minmax(0, 1fr);
		align-items: center;
		gap: 6px 10px;
	}
	.fields .field {
		width: 100%;
		min-height: 28px;
	}
	.words {
		display: flex;
		flex-wrap: wrap;
		align-items: center;
		gap: 6px;
		font-size: 12px;
		color: var(--soft);
	}
	.hint {
		font-size: 12px;
		color: var(--soft);
	}
</style>
