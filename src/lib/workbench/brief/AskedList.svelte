<script lang="ts">
	import { type Brief } from '$lib/study/brief/brief';
	import { begunAgain, givenBy, notAsGiven } from '$lib/study/brief/given';
	import { sayProgress, type AskedOf } from '$lib/study/brief/progress';
	import { notices } from '$lib/ui/notices.svelte';
	import Verdict from '../readings/Verdict.svelte';
	import { openPlate } from '../index/plate-actions';
	import { type Workbench } from '../study/workbench.svelte';

	interface Props {
		workbench: Workbench;
		brief: Brief;
		/** What it asks, with what came of it. */
		asked: readonly AskedOf[];
		/** Whether what came of it is told. */
		told: boolean;
	}

	/** What a brief asks of each plate, and what is given there; the open plate is told at length. */
	let { workbench, brief, asked, told }: Props = $props();

	const plates = $derived(
		givenBy(brief).map((plate) => ({ ...plate, asked: asked.filter((each) => each.plate === plate.id) }))
	);
	const ofWhole = $derived(asked.filter(({ plate }) => plate === null));
	const open = $derived(workbench.plate?.id ?? null);
	const other = $derived(open === null ? [] : notAsGiven(brief, workbench.document, open));

	function again(id: string) {
		workbench.edit('Begin a plate again from the brief', (study) => begunAgain(brief, study, id));
		notices.say('The plate is as the brief has it now.', { label: 'Undo', run: () => workbench.undo() });
	}
</script>

{#snippet check({ asks, of, holds, reason }: AskedOf)}
	<li>
		{#if told}<Verdict verdict={holds ? 'holds' : 'look'} />{:else}<span aria-hidden="true">·</span>{/if}
		<span>
			{asks}{#if of}<small>, {of}</small>{/if}
			{#if told}<small class="reason">{reason}</small>{/if}
		</span>
	</li>
{/snippet}

<section aria-label="What is asked">
	<h3>What is asked</h3>
	{#if told && asked.length > 0}<p class="progress" role="status">{sayProgress(asked)}</p>{/if}
	{#each plates as { id, title, given, asked: checks }, i (id)}
		<div class="plate" class:open={id === open}>
			<p>
				<button class="name" aria-current={id === open} onclick={() => openPlate(workbench, id)}
					>{i + 1}. {title}</button
				>
				{#if told && checks.length > 0}<small>{sayProgress(checks)}</small>{/if}
			</p>
			{#if id === open}
				{#if checks.length > 0}<ul>
						{#each checks as each, k (k)}{@render check(each)}{/each}
					</ul>{/if}
				{#if given.length > 0}
					<p class="given"><b>Given, and stays:</b> {given.map(({ name }) => name).join('; ')}. All else is open.</p>
				{:else}
					<p class="given">Nothing is given here: all is open.</p>
				{/if}
				{#if other.length > 0}
					<p class="given">
						<b>Not as the brief has it now:</b>
						{other.join('; ')}. It can be changed until it is.
						<button class="act small" onclick={() => again(id)}>Begin this plate again from the brief</button>
					</p>
				{/if}
			{/if}
		</div>
	{/each}
	{#if ofWhole.length > 0}<ul>
			{#each ofWhole as each, k (k)}{@render check(each)}{/each}
		</ul>{/if}
	{#if plates.length === 0}<p class="given">No plates are asked yet.</p>{/if}
</section>

<style>
	section {
		display: grid;
		gap: 7px;
		font-size: 12.5px;
	}
	h3 {
		font: 500 16px/1.2 var(--font-serif);
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
		grid-template-columns: 17px 1fr;
		gap: 6px;
	}
	small {
		font-size: 12px;
		color: var(--soft);
	}
	.reason {
		display: block;
	}
	.progress {
		font-weight: 560;
	}
	.plate {
		display: grid;
		gap: 5px;
	}
	.plate > p:first-child {
		display: flex;
		align-items: baseline;
		justify-content: space-between;
		gap: 8px;
	}
	.name {
		min-height: 24px;
		text-align: left;
		text-decoration: underline;
		text-underline-offset: 3px;
		cursor: pointer;
	}
	.open .name {
		font-weight: 600;
		text-decoration: none;
	}
	.given {
		font-size: 12px;
		color: var(--soft);
	}
	.given b {
		font-weight: 560;
	}
</style>
