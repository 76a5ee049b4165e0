<script lang="ts">
	import CloseOutline from 'flowbite-svelte-icons/CloseOutline.svelte';
	import { type CheckLimit, type PlateCheck } from '$lib/plates/checks';
	import { kindOf } from '$lib/plates/kinds';
	import { type Plate } from '$lib/plates/plate';
	import BesideButton from '$lib/ui/BesideButton.svelte';
	import IconButton from '$lib/ui/IconButton.svelte';
	import { notices } from '$lib/ui/notices.svelte';
	import { type Workbench } from '../study/workbench.svelte';
	import Verdict from './Verdict.svelte';

	/** What the plate is asked to meet, each with its verdict and reason, and what breaks it a click away. */
	let { workbench, plate }: { workbench: Workbench; plate: Plate } = $props();

	const checks = $derived(kindOf(plate).checks);
	const judged = $derived(checks.judged(plate, workbench.document.linked));
	const offered = $derived(checks.offered(plate));
	const holding = $derived(judged.filter(({ holds }) => holds).length);
	const full = $derived(judged.length >= checks.most);

	function remove({ remove }: PlateCheck) {
		workbench.edit('Delete a check', remove);
		notices.say('Check deleted.', { label: 'Undo', run: () => workbench.undo() });
	}

	/** A typed limit, brought into its range, which is said; what is no number leaves it as it was. */
	function setLimit({ name, value, least, most, step, set }: CheckLimit, field: HTMLInputElement) {
		const typed = field.value.trim() === '' ? NaN : Number(field.value);
		const within = Number.isNaN(typed) ? value : Math.min(most, Math.max(least, typed));
		const next = step === 1 ? Math.round(within) : within;
		if (!Number.isNaN(typed) && next !== typed)
			notices.say(`${name}: ${least} to ${most}${step === 1 ? ', whole numbers' : ''}. ${typed} became ${next}.`);
		field.value = String(next);
		if (next !== value) workbench.edit('Set a limit of a check', set(next));
	}

	/** Whether the next check is put on the chosen part alone. */
	let onPart = $state(true);
	const part = $derived(workbench.partHeld);
	const cannot = $derived(full || (checks.parts !== undefined && onPart && part === null));
</script>

{#if judged.length > 0 || offered.length > 0}
	<section aria-label="Checks">
		<header>
			<h3>Checks</h3>
			{#if judged.length > 0}<span>{holding} of {judged.length} {judged.length === 1 ? 'holds' : 'hold'}</span>{/if}
			{#if offered.length > 0}
				<BesideButton role="dialog" kind="act small" label="Add a check" first=".rule" goes=".rule">
					{#snippet button()}Add a check{/snippet}
					{#if checks.parts}
						<fieldset class="whose">
							<legend class="unseen">For</legend>
							<label><input type="radio" name="whose" bind:group={onPart} value={true} /> {checks.parts.one}</label>
							<label><input type="radio" name="whose" bind:group={onPart} value={false} /> {checks.parts.all}</label>
						</fieldset>
					{/if}
					{#if full}
						<p class="full">
							A plate holds {checks.most}
							{checks.most === 1 ? 'check' : 'checks'} of this kind at most.
						</p>
					{/if}
					{#each offered as { about, checks: group } (about)}
						<h3>{about}</h3>
						{#each group as { name, says, asks, add } (name)}
							<!-- The list stays for the next one. -->
							<button
								class="offered rule"
								disabled={cannot}
								onclick={() => workbench.edit('Add a check', add(checks.parts && onPart ? part : null))}
							>
								<b>{name}</b><span>{says}</span>
								{#each judged.filter((each) => each.asks === asks) as result (result.id)}
									<em>
										<Verdict verdict={result.holds ? 'holds' : 'look'} />
										{result.of ?? 'asked'}
									</em>
								{/each}
							</button>
						{/each}
					{/each}
					{#if checks.askPalette}
						<p class="full">To ask for the colours of a palette only, open Palettes and its menu.</p>
					{/if}
				</BesideButton>
			{/if}
		</header>
		{#if judged.length === 0}
			<p>None yet. A check says what this plate is asked to meet, and whether it does.</p>
		{/if}
		<ul>
			{#each judged as result (result.id)}
				<li>
					<Verdict verdict={result.holds ? 'holds' : 'look'} />
					<div>
						<b>{result.asks}</b>
						{#if result.of}<small>{result.of}</small>{/if}
						<p>{result.reason}</p>
						{#if result.at && !result.holds}
							{@const { words, place } = result.at}
							<button class="act small" onclick={() => workbench.hold(place)}>Go to {words}</button>
						{/if}
						{#if result.limits.length > 0}
							<details>
								<summary aria-label="Limits of “{result.asks}”">Limits</summary>
								{#each result.limits as limit (limit.name)}
									<label>
										{limit.name}
										<input
											class="field"
											type="number"
											min={limit.least}
											max={limit.most}
											step={limit.step}
											value={limit.value}
											onchange={(event) => setLimit(limit, event.currentTarget)}
										/>
									</label>
								{/each}
							</details>
						{/if}
					</div>
					<IconButton
						label="Delete the check: {result.asks}"
						title="Delete this check"
						onclick={() => remove(result)}
						icon={CloseOutline}
						size="xs"
					/>
				</li>
			{/each}
		</ul>
	</section>
{/if}

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
